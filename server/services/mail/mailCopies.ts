// Copies of documents for whoever has an address of mail: one message to each, with the documents attached.

import { counted, namedFirst } from '../../../core/change/index'
import { fail } from '../../../core/errors'
import { fileNameOf, mediaTypeOf, sizeText } from '../../../core/formats/index'
import { message, namedThings } from '../../../core/history/index'
import { belonging } from '../../db/associations'
import { withTransaction } from '../../db/client'
import { documents } from '../../db/models/document'
import { mails } from '../../db/models/mail'
import { entryById } from '../../db/sql/journal'
import { lockPlan, planById } from '../../db/sql/planRows'
import { sayFault } from '../../log/log'
import { limitAttempts } from '../account/limitAttempts'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { noteAct } from '../changes/noteAct'
import { sendWaiting } from './sendWaiting'
import { hasMailServer } from './transport'

export interface MailedCopies {
  /** The client's key of the act: with the same one nothing is sent twice. */
  readonly change: string
  readonly documentIds: readonly string[]
  readonly to: readonly string[]
  readonly note: string
}

/** What mail servers take, with what packing adds. */
const ATTACHED_LIMIT_BYTES = 18 * 1024 * 1024
const LIMIT = { anHour: 20, refused: 'mail.many' } as const
const NAMED = 3

/**
 * As they are now. To how many it goes, and whether it leaves this machine. Throws notFound, give.areasOnly,
 * mail.locked, mail.large, mail.many.
 */
export async function mailCopies(actor: Actor, { change, documentIds, to, note }: MailedCopies, now: Date) {
  const sent = { to: to.length, isSent: hasMailServer() }
  if (await entryById(null, actor.planId, change)) return sent
  if ((await planById(actor.planId))?.areasOnly) fail('give.areasOnly')
  const attached = await attachable(actor, documentIds)
  await limitAttempts('mail', actor, LIMIT, now)
  const from = actor.name || actor.email
  const [only] = attached.length === 1 ? attached : []
  const subject = `${from} sends you ${only ? `“${only.name}”` : counted(attached.length, 'document')}`
  const words = [
    ...(note === '' ? [] : [note]),
    `From ${actor.name ? `${actor.name} (${actor.email})` : actor.email}. Your answer goes there.`,
  ]
  await withTransaction(async transaction => {
    if (!(await lockPlan(transaction, actor.planId))) fail('notFound')
    if (await entryById(transaction, actor.planId, change)) return
    await mails().bulkCreate(
      to.map(toAddress => ({
        ...{ id: newId(), accountId: actor.accountId, toAddress, subject, createdAt: now },
        body: words.join('\n\n') + '\n',
        files: attached.map(({ blobId, name, extension }) => ({
          ...{ blobId, fileName: fileNameOf(name, extension), mediaType: mediaTypeOf(extension) },
        })),
      })),
      { transaction },
    )
    const said = message('copy.mail', { things: namedThings([], attached), to: namedFirst(to, NAMED) })
    await noteAct(transaction, actor, { id: change, kind: 'copy.mail', said, tables: [], now })
    transaction.afterCommit(() => {
      sendWaiting().catch((error: unknown) => sayFault(error, 'mail waits to be sent; it is tried again'))
    })
  })
  return sent
}

/** Live documents of the plan in the order in which they were chosen. */
async function attachable({ planId }: Actor, documentIds: readonly string[]) {
  const found = await documents().findAll({
    where: { planId, id: [...documentIds], trashedAt: null },
    attributes: ['id', 'name', 'extension', 'size', 'blobId'],
    include: [belonging(documents, 'blob', { attributes: ['lockId'] })],
  })
  const byId = new Map(found.map(document => [document.id, document]))
  const chosen = [...new Set(documentIds)].map(id => byId.get(id) ?? fail('notFound'))
  const locked = chosen.find(({ blob }) => blob?.lockId !== null)
  if (locked) fail('mail.locked', { name: locked.name })
  const bytes = chosen.reduce((sum, { size }) => sum + Number(size), 0)
  if (bytes > ATTACHED_LIMIT_BYTES) fail('mail.large', { size: sizeText(bytes), limit: sizeText(ATTACHED_LIMIT_BYTES) })
  return chosen
}
