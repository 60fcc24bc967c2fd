// A mailbox in one file (RFC 4155): messages, each behind a line that begins with "From ".

import { readMail } from './mail'
import { Unreadable } from './outcome'

const BEGIN = /^From [^\n]*\n/gm

/** Each message as one page. */
export async function readMbox(bytes: Uint8Array): Promise<string[]> {
  // As bytes: each message has its own encodings.
  const text = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length).toString('latin1').replaceAll('\r\n', '\n')
  const begins = [...text.matchAll(BEGIN)].filter(({ index }) => index === 0 || text.startsWith('\n\n', index - 2))
  if (begins.length === 0) throw new Unreadable('It is named as a mailbox but holds no message.')
  const messages: string[] = []
  for (const [at, { index, 0: line }] of begins.entries()) {
    const message = text.slice(index + line.length, begins[at + 1]?.index ?? text.length).replace(/^>(>*From )/gm, '$1')
    messages.push(await readMail(Buffer.from(message, 'latin1')))
  }
  return messages
}
