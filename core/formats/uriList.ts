// Web addresses as documents: a URI list (RFC 2483, text/uri-list) with the title and the remark as its
// comments. Nothing of the address is ever fetched.

export interface Link {
  readonly address: string
  readonly title: string
  readonly remark: string
}

export function writeUriList({ address, title, remark }: Link): string {
  const comments = [title, ...remark.split('\n')]
    .map(line => line.trim())
    .filter(line => line !== '')
    .map(line => `# ${line}`)
  return [...comments, address, ''].join('\r\n')
}

/** The first address of a list; null where there is none that is safe to open. */
export function readUriList(text: string): Link | null {
  const lines = text
    .split(/\r?\n/)
    .map(line => line.trim())
    .filter(line => line !== '')
  const comments = lines.filter(line => line.startsWith('#')).map(line => line.slice(1).trim())
  const address = lines
    .filter(line => !line.startsWith('#'))
    .map(webAddress)
    .find(found => found !== null)
  return address ? { address, title: comments[0] ?? '', remark: comments.slice(1).join('\n') } : null
}

// Scheme, host with port, the rest. A name or password in front of the host is refused: it misleads.
const WEB = /^(https?):\/\/([\p{L}\p{N}](?:[\p{L}\p{N}.-]*[\p{L}\p{N}])?)(:\d{1,5})?([/?#]\S*)?$/iu

/**
 * What was typed as a web address (http or https), whole; null when it is none. A missing scheme is taken for https.
 */
export function webAddress(typed: string): string | null {
  const text = typed.trim()
  const parts = WEB.exec(/^[a-z][a-z\d+.-]*:\/\//i.test(text) ? text : `https://${text}`)
  if (!parts) return null
  const [, scheme = '', host = '', port = '', rest = ''] = parts
  if (!host.includes('.') && host.toLowerCase() !== 'localhost') return null
  return `${scheme.toLowerCase()}://${host.toLowerCase()}${port}${rest.startsWith('/') ? rest : `/${rest}`}`
}

/** "quay.example – tides" for a link without a title. */
export function addressName(address: string): string {
  const [, , host = address, , rest = ''] = WEB.exec(address) ?? []
  const path = readable(/^[^?#]*/.exec(rest)?.[0] ?? '').replace(/\/$/, '')
  return `${host.replace(/^www\./, '')}${path}`.replace(/[/\\]+/g, ' – ').slice(0, 120)
}

function readable(path: string): string {
  try {
    return decodeURI(path)
  } catch (error) {
    if (error instanceof URIError) return path
    throw error
  }
}
