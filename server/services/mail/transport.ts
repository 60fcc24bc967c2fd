// How a message leaves: by the mail server that SMTP_URL names, or, without one, into a folder of .eml files.

import { mkdir, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { createTransport } from 'nodemailer'

export interface Message {
  readonly id: string
  readonly to: string
  readonly subject: string
  readonly body: string
  readonly replyTo?: string | null
  readonly attached?: readonly Attached[]
}

export interface Attached {
  readonly fileName: string
  readonly mediaType: string
  readonly bytes: AsyncIterable<Uint8Array>
}

/** Whether messages leave this machine. */
export const hasMailServer = (): boolean => (process.env.SMTP_URL ?? '') !== ''

const sender = () => process.env.HEMBIX_MAIL_FROM ?? 'Hembix <hembix@localhost>'
const outbox = () => process.env.HEMBIX_OUTBOX ?? join(process.env.HEMBIX_DATA ?? '.data', 'outbox')

/** Names that nobody has (RFC 2606), as those of the demo. */
const isMadeUp = (to: string) => to.endsWith('.example')

/** Rejects with what the mail server says. */
export async function deliver({ id, to, subject, body, replyTo, attached = [] }: Message): Promise<void> {
  // No file or address that stands in a message is ever read.
  const message = {
    ...{ from: sender(), to, subject, text: body, disableFileAccess: true, disableUrlAccess: true },
    ...(replyTo ? { replyTo } : {}),
    attachments: attached.map(({ fileName: filename, mediaType: contentType, bytes }) => ({
      ...{ filename, contentType },
      content: Readable.from(bytes),
    })),
  }
  if (hasMailServer() && !isMadeUp(to)) {
    await createTransport(process.env.SMTP_URL).sendMail(message)
    return
  }
  const { message: bytes } = await createTransport({ streamTransport: true, buffer: true }).sendMail(message)
  await mkdir(outbox(), { recursive: true, mode: 0o700 })
  await writeFile(join(outbox(), `${id}.eml`), bytes, { mode: 0o600 })
}
