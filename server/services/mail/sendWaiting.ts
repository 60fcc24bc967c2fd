import { blobStore } from '../../db/blobStore'
import { blobs } from '../../db/models/blob'
import { mails } from '../../db/models/mail'
import type { WaitingMail } from '../../db/sql/mail'
import { claimMail } from '../../db/sql/mail'
import { sayFault } from '../../log/log'
import type { Attached } from './transport'
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
      const attached = await attachedTo(mail)
      if (attached === null) await mails().destroy({ where: { id: mail.id } })
      else await deliver({ ...mail, attached })
      await mails().update({ sentAt: new Date() }, { where: { id: mail.id } })
    } catch (error) {
      sayFault(error, 'a message could not be sent; it is tried again')
    }
  }
}

/** null: something of it is gone or was locked meanwhile, so that it is not to be sent any more. */
async function attachedTo({ files }: WaitingMail): Promise<readonly Attached[] | null> {
  const attached: Attached[] = []
  for (const { planId, blobId, fileName, mediaType } of files) {
    const blob = await blobs().findOne({ where: { id: blobId, planId } })
    if (!blob || blob.lockId !== null) return null
    attached.push({ fileName, mediaType, bytes: blobStore.read(blobId, 0, Number(blob.size) - 1) })
  }
  return attached
}
