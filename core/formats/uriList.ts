// Web addresses as documents: a URI list (RFC 2483, text/uri-list) with the title and the remark as its
// comments. Nothing of the address is ever fetched.

export interface Link {
  readonly address: string
  readonly title: string
  readonly remark: string
}

export function writeUriList({ address, title, remark }: Link): string {
  const comments = [title, ...remark.split('\n')].map(line => line.trim()).filter(line => line !== '').map(line => `# ${line}`)
  return [...comments, address, ''].join('\r\n')
}

/** The first address of a list; null where there is none that is safe to open. */
export function readUriList(text: string): Link | null {
  const lines = text.split(/\r?\n/).map(line => line.trim()).filter(line => line !== '')
  const comments = lines.filter(line => line.startsWith('#')).map(line => line.slice(1).trim())
  const address = lines.filter(line => !line.startsWith('#')).map(webAddress).find(found => found !== null)
  return address ? { address, title: comments[0] ?? '', remark: comments.slice(1).join('\n') } : null
}

/** What was typed as a web address (http or https), whole; null when it is none. A missing scheme is taken for https. */
export function webAddress(typed: string): string | null {
  const text = typed.trim()
  if (text === '' || /\s/.test(text)) return null
  const whole = /^[a-z][a-z\d+.-]*:/i.test(text) && !/^[^/:]+:\d/.test(text) ? text : `https://${text}`
  if (!URL.canParse(whole)) return null
  const url = new URL(whole)
  const isWeb = url.protocol === 'http:' || url.protocol === 'https:'
  return isWeb && (url.hostname.includes('.') || url.hostname === 'localhost') && url.username === '' ? url.href : null
}

/** "quay.example/tides" for a link without a title. */
export function addressName(address: string): string {
  const url = new URL(address)
  const path = decodeURI(url.pathname).replace(/\/$/, '')
  return `${url.hostname.replace(/^www\./, '')}${path}`.replace(/[/\\]+/g, ' – ').slice(0, 120)
}
