// Taking over what is offered: it becomes part of one's own plan, and lies in the Trash of whoever handed it over. Two
// Changes in one transaction, so that it is never nobody's.

import { HembixError, fail } from '../../../core/errors'
import type { FolderId, PersonId } from '../../../core/ids'
import type { Handed, Slice } from '../../../core/plan/index'
import { handedAway, handedOf, needsOfHanded, NO_NEEDS, takenOver } from '../../../core/plan/index'
import type { Transaction } from '../../db/client'
import { withTransaction } from '../../db/client'
import type { Handover } from '../../db/models/handover'
import { handovers } from '../../db/models/handover'
import { copyBytes, sameBytesIn, takenNumbers } from '../../db/sql/handovers'
import type { JournalEntry } from '../../db/sql/journal'
import { entryById } from '../../db/sql/journal'
import { notify } from '../../db/sql/notify'
import { peopleByIds } from '../../db/sql/people'
import type { LockedPlan } from '../../db/sql/planRows'
import { foldersOf, lockPlan, taggingsAmong, versionsAmong } from '../../db/sql/planRows'
import { checkQuota } from '../account/quota'
import type { Actor } from '../actor'
import { LOCALE, newId } from '../actor'
import { loadSlice } from '../changes/loadSlice'
import { StaleRowsError, writeChange } from '../changes/writeChange'

export interface TakeOver {
  /** The client's key of the act: with the same one it is taken over once. */
  readonly change: string
  /** Where it goes; null: the top of the plan, or the In-tray. */
  readonly folderId: FolderId | null
}

/** Throws notFound, handOver.locked, quota.full, folder.inTrash, change.collided. */
export async function takeOver(actor: Actor, id: string, how: TakeOver, now: Date): Promise<JournalEntry> {
  try {
    return await withTransaction(async transaction => {
      const offer = await handovers().findOne({ where: { id, personId: actor.accountId }, transaction })
      const plans = await lockBoth(transaction, actor.planId, offer?.planId)
      const earlier = await entryById(transaction, actor.planId, how.change)
      if (earlier) return earlier
      if (!offer || !plans.theirs) return fail('notFound')
      const given = await giverOf(transaction, offer, plans.theirs, now)
      await receive(transaction, actor, { offer, own: plans.own, ...given, how }, now)
      await handAway(transaction, offer, { ...given, person: actor.name || actor.email }, now)
      await offer.destroy({ transaction })
      for (const planId of [actor.planId, offer.planId]) await notify(transaction, { type: 'handovers', planId })
      return (await entryById(transaction, actor.planId, how.change)) ?? fail('notFound')
    })
  } catch (error) {
    if (error instanceof StaleRowsError) fail('change.collided')
    throw error
  }
}

/** In the order of their ids, so that two who hand over to each other do not wait for one another. */
async function lockBoth(transaction: Transaction, ownId: string, theirId: string | undefined) {
  const locked = new Map<string, LockedPlan>()
  for (const id of [ownId, ...(theirId ? [theirId] : [])].sort()) {
    const plan = await lockPlan(transaction, id)
    if (plan) locked.set(id, plan)
  }
  return { own: locked.get(ownId) ?? fail('notFound'), theirs: theirId === undefined ? undefined : locked.get(theirId) }
}

interface Given {
  readonly slice: Slice
  readonly handed: Handed
  readonly giver: { readonly id: PersonId; readonly name: string; readonly email: string }
}

async function giverOf(transaction: Transaction, offer: Handover, plan: LockedPlan, now: Date): Promise<Given> {
  const folders = new Map((await foldersOf(transaction, plan.id)).map(folder => [folder.id as string, folder]))
  const seen = await loadSlice(transaction, plan, needsOfHanded(offer, folders))
  const documentIds = [...seen.documents.keys()]
  const slice: Slice = {
    ...seen,
    versions: await versionsAmong(transaction, plan.id, documentIds),
    taggings: await taggingsAmong(transaction, plan.id, [], [...documentIds, ...folders.keys()]),
  }
  const [giver] = await peopleByIds(transaction, [plan.ownerId])
  const handed = handedOf(slice, offer, LOCALE, now.toISOString())
  return giver && handed ? { slice, handed, giver } : fail('notFound')
}

interface Receiving extends Given {
  readonly offer: Handover
  readonly own: LockedPlan
  readonly how: TakeOver
}

async function receive(
  transaction: Transaction,
  actor: Actor,
  { offer, own, handed, giver, how }: Receiving,
  now: Date,
) {
  const { folderId: parentId, change: id } = how
  const slice = await loadSlice(transaction, own, { ...NO_NEEDS, access: true, tags: true, inFolder: parentId })
  const parent = parentId === null ? null : (slice.folders.get(parentId) ?? fail('notFound'))
  if (parent && parent.trashedAt !== null) fail('folder.inTrash', { name: parent.name })
  const numbers = handed.documents.flatMap(({ runningNumber }) => runningNumber ?? [])
  const { rows, message, places } = takenOver(
    handed,
    {
      ...{ slice, parentId, taker: actor.accountId, giver: giver.id, giverName: giver.name },
      role: offer.role,
      blobIds: await bytesFor(transaction, actor, handed),
      takenNumbers: await takenNumbers(transaction, actor.planId, numbers),
    },
    { now: now.toISOString(), newId, locale: LOCALE },
  )
  const at = now.toISOString()
  await writeChange(transaction, actor, { id, kind: 'takeOver', message, places, rows, undoes: null, at })
}

/** All versions, as bytes of the new plan: those that it has already, and copies of the others. */
async function bytesFor(transaction: Transaction, actor: Actor, { versions }: Handed): Promise<Map<string, string>> {
  const ids = [...new Set(versions.map(({ blobId }) => blobId))]
  const found = await sameBytesIn(transaction, actor.planId, ids)
  if (found.some(({ isLocked }) => isLocked)) fail('handOver.locked')
  const missing = found.filter(({ otherId }) => otherId === null)
  await checkQuota(
    actor,
    missing.reduce((sum, { size }) => sum + size, 0),
  )
  const copies = missing.map(({ id }) => ({ id, copy: newId() }))
  await copyBytes(transaction, actor.planId, copies)
  return new Map([
    ...found.flatMap(({ id, otherId }): [string, string][] => (otherId === null ? [] : [[id, otherId]])),
    ...copies.map(({ id, copy }): [string, string] => [id, copy]),
  ])
}

async function handAway(
  transaction: Transaction,
  offer: Handover,
  { slice, giver, person }: Given & { readonly person: string },
  now: Date,
): Promise<void> {
  const decision = handedAway(slice, offer, person, { now: now.toISOString(), newId, locale: LOCALE })
  if (!decision.ok) throw new HembixError(decision.reason)
  const by: Actor = { accountId: giver.id, email: giver.email, planId: offer.planId }
  const { rows, message, places } = decision
  const at = now.toISOString()
  await writeChange(transaction, by, { id: newId(), kind: 'handOver', message, places, rows, undoes: null, at })
}
