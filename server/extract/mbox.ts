// A mailbox in one file (RFC 4155): messages, each behind a line that begins with "From ".

import { readMessage } from './mail'
import { Unreadable } from './outcome'
import type { Part } from './parts'
import { part } from './parts'

const BEGIN = /^From [^\n]*\n/gm

/** The bytes of each message. Throws Unreadable where there is none. */
export function messagesIn(bytes: Uint8Array): Buffer[] {
  // As bytes: each message has its own encodings.
  const text = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length).toString('latin1').replaceAll('\r\n', '\n')
  const begins = [...text.matchAll(BEGIN)].filter(({ index }) => index === 0 || text.startsWith('\n\n', index - 2))
  if (begins.length === 0) throw new Unreadable('It is named as a mailbox but holds no message.')
  return begins.map(({ index, 0: line }, at) => {
    const message = text.slice(index + line.length, begins[at + 1]?.index ?? text.length)
    return Buffer.from(message.replace(/^>(>*From )/gm, '$1'), 'latin1')
  })
}

/** Each message as one part, named by its subject. */
export async function readMbox(bytes: Uint8Array): Promise<Part[]> {
  const messages: Part[] = []
  for (const message of messagesIn(bytes)) {
    const { subject, text } = await readMessage(message)
    messages.push(part('message', subject, text))
  }
  return messages
}
