// How parts of documents are shown: their text, as it was read, taken apart again.

/** The rows of a sheet as readers give it: its name in the first line, then rows in lines, cells with tabs between. */
export function rowsOfSheet(body: string, name: string): string[][] {
  const lines = body.split('\n')
  if (lines[0] === name) lines.shift()
  return lines.map(line => line.split('\t'))
}

export interface ShownMessage {
  readonly subject: string
  readonly headers: readonly { readonly label: string; readonly value: string }[]
  readonly text: string
}

const HEADER = /^(From|To|Cc|Bcc|Date|Attachments): (.*)$/

/** A message as its reader gives it: the subject, an empty line, headers, an empty line, the text. */
export function messageOf(body: string): ShownMessage {
  const [subject = '', ...rest] = body.split('\n')
  const lines = rest[0] === '' ? rest.slice(1) : rest
  const count = lines.findIndex(line => !HEADER.test(line))
  const headers = (count === -1 ? lines : lines.slice(0, count)).map(line => {
    const [, label = '', value = ''] = HEADER.exec(line) ?? []
    return { label, value }
  })
  const text = lines.slice(headers.length).join('\n').trim()
  return { subject, headers, text }
}
