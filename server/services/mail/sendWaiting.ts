import { mails } from '../../db/models/mail'
import { claimMail } from '../../db/sql/mail'
import { sayFault } from '../../log/log'
import { deliver } from './transport'

let running: Promise<void> | null = null

/** Sends what waits, one after the other; what a mail server refuses waits for the next time. */
export function sendWaiting(): Promise<void> {
  running ??= sendAll().finally(() => {
    running = null
  })
  return running
}

async function sendAll(): Promise<void> {
  for (let mail = await claimMail(); mail; mail = await claimMail()) {
    try {
      await deliver(mail)
      await mails().update({ sentAt: new Date() }, { where: { id: mail.id } })
    } catch (error) {
      sayFault(error, 'a message could not be sent; it is tried again')
    }
  }
}
