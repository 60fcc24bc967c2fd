// How a message leaves: by the mail server that SMTP_URL names, or, without one, into a folder of .eml files.

import { mkdir, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { createTransport } from 'nodemailer'

export interface Message {
  readonly id: string
  readonly to: string
  readonly subject: string
  readonly body: string
}

/** Whether messages leave this machine. */
export const hasMailServer = (): boolean => (process.env.SMTP_URL ?? '') !== ''

const sender = () => process.env.HEMBIX_MAIL_FROM ?? 'Hembix <hembix@localhost>'
const outbox = () => process.env.HEMBIX_OUTBOX ?? join(process.env.HEMBIX_DATA ?? '.data', 'outbox')

/** Names that nobody has (RFC 2606), as those of the demo. */
const isMadeUp = (to: string) => to.endsWith('.example')

/** Rejects with what the mail server says. */
export async function deliver({ id, to, subject, body }: Message): Promise<void> {
  // A message is plain text and has nothing attached; no file or address in it is ever read.
  const message = { from: sender(), to, subject, text: body, disableFileAccess: true, disableUrlAccess: true }
  if (hasMailServer() && !isMadeUp(to)) {
    await createTransport(process.env.SMTP_URL).sendMail(message)
    return
  }
  const { message: bytes } = await createTransport({ streamTransport: true, buffer: true }).sendMail(message)
  await mkdir(outbox(), { recursive: true, mode: 0o700 })
  await writeFile(join(outbox(), `${id}.eml`), bytes, { mode: 0o600 })
}
