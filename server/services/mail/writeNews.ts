import type { RowChange } from '../../../core/change/index'
import type { Transaction } from '../../db/client'
import { mails } from '../../db/models/mail'
import type { Recipient } from '../../db/sql/mail'
import { recipientsOf } from '../../db/sql/mail'
import { sayFault } from '../../log/log'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { publicAddress } from './address'
import { sendWaiting } from './sendWaiting'

const TELLS: readonly string[] = ['grant.give', 'group.handOut']
/** What is written down as of long ago is no news. */
const NEW_MS = 86_400_000
export const isNews = (at: Date): boolean => Date.now() - at.getTime() <= NEW_MS
const MAY = { read: 'read', add: 'add to', edit: 'change', keep: 'keep' } as const

/**
 * Writes a message for each person whom a Change gives something, in its transaction, and sends it once that holds.
 * What is undone or done again is not told.
 */
export async function writeNews(
  transaction: Transaction,
  actor: Actor,
  { kind, rows, at }: { readonly kind: string; readonly rows: readonly RowChange[]; readonly at: string },
): Promise<void> {
  if (!TELLS.includes(kind) || !isNews(new Date(at))) return
  const given = rows.flatMap(row => (row.table === 'access_grant' && row.op === 'insert' ? [row.id] : []))
  if (given.length === 0) return
  const byPerson = new Map<string, Recipient[]>()
  for (const one of await recipientsOf(transaction, actor.planId, actor.accountId, given))
    byPerson.set(one.accountId, [...(byPerson.get(one.accountId) ?? []), one])
  if (byPerson.size === 0) return
  const from = actor.name || actor.email
  await mails().bulkCreate(
    [...byPerson].map(([accountId, things]) => ({
      ...{ id: newId(), accountId, createdAt: new Date(at) },
      ...newsOf(from, things),
    })),
    { transaction },
  )
  transaction.afterCommit(() => {
    sendWaiting().catch((error: unknown) => sayFault(error, 'mail waits to be sent; it is tried again'))
  })
}

/** Each thing once, with the most that is given of it. */
function newsOf(from: string, grants: readonly Recipient[]): { subject: string; body: string } {
  const things = new Map(grants.map(one => [`${one.target} ${one.thing ?? ''}`, one]))
  const [first] = things.values()
  const subject =
    things.size === 1 ? `${from} gives you “${first?.thing ?? ''}”` : `${from} gives you ${things.size} things`
  const lines = [...things.values()].map(
    ({ thing, role, grantId }) => `You may ${MAY[role]} “${thing ?? ''}”:\n${publicAddress()}/received/${grantId}`,
  )
  const note = first?.note ? [`“${first.note}”`] : []
  const why = 'It stands under “From others” as well. Whether you are told by mail is set under Account.'
  return { subject, body: [...lines, ...note, why].join('\n\n') + '\n' }
}
