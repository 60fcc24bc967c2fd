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
      await deliver({ ...mail, attached: await attachedTo(mail) })
      await mails().update({ sentAt: new Date() }, { where: { id: mail.id } })
    } catch (error) {
      sayFault(error, 'a message could not be sent; it is tried again')
    }
  }
}

/** Throws where something of it is gone or was locked meanwhile: it stays unsent, and its sender sees that. */
async function attachedTo({ files }: WaitingMail): Promise<readonly Attached[]> {
  if (files.length === 0) return []
  const found = await blobs().findAll({ where: { id: files.map(({ blobId }) => blobId), lockId: null } })
  const sizes = new Map(found.map(({ id, size }) => [id, Number(size)]))
  return files.map(({ blobId, fileName, mediaType }) => {
    const size = sizes.get(blobId)
    if (size === undefined) throw new Error('What is attached to a message is gone, or was locked.')
    return { fileName, mediaType, bytes: blobStore.read(blobId, 0, size - 1) }
  })
}
