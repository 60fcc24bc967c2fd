// Offering something to somebody to be theirs from then on: made, listed, taken back. Nothing changes until they take
// it over.

import { fail } from '../../../core/errors'
import type { PersonId } from '../../../core/ids'
import type { HandedThing } from '../../../core/plan/index'
import type { Role } from '../../../core/rows/index'
import { isUniqueViolation } from '../../db/client'
import { handovers } from '../../db/models/handover'
import { documentById } from '../../db/sql/documentFacts'
import { offeredFrom, offeredTo } from '../../db/sql/handovers'
import { notify } from '../../db/sql/notify'
import { peopleByIds } from '../../db/sql/people'
import { folderById, planOf } from '../../db/sql/planRows'
import type { Actor } from '../actor'
import { writeOffer } from '../mail/writeOffer'

export interface Offer extends HandedThing {
  readonly id: string
  readonly personId: PersonId
  /** What whoever hands it over keeps; null: nothing. */
  readonly role: Role | null
  readonly note: string
}

/** What is offered to me, and what I offer to others. */
export async function listOffers({ accountId, planId }: Actor) {
  const [incoming, outgoing] = await Promise.all([offeredTo(accountId), offeredFrom(planId)])
  return { incoming, outgoing }
}

/** Throws notFound where the thing or the person is not there, handOver.self, handOver.offered. */
export async function offerThing(actor: Actor, { id, ...offer }: Offer, now: Date): Promise<void> {
  const { planId, accountId } = actor
  if (offer.personId === accountId) fail('handOver.self')
  if (!(await isThere(planId, offer))) fail('notFound')
  const [[person], theirs] = await Promise.all([peopleByIds(null, [offer.personId]), planOf(offer.personId)])
  if (!person || !theirs) return fail('notFound')
  try {
    await handovers().create({ ...offer, id, planId, note: offer.note.trim(), createdAt: now })
  } catch (error) {
    if (!isUniqueViolation(error)) throw error
    const [before] = (await offeredFrom(planId)).filter(one => one.targetId === offer.targetId)
    // The same once more, since its answer was lost.
    if (before?.id !== id) fail('handOver.offered', { name: before?.person ?? '' })
    return
  }
  await tellBoth(planId, theirs.id)
  const [made] = (await offeredFrom(planId)).filter(one => one.id === id)
  if (made) await writeOffer(actor, offer.personId, made, now)
}

async function isThere(planId: string, { target, targetId }: HandedThing): Promise<boolean> {
  if (target === 'plan') return targetId === planId
  const row = target === 'folder' ? await folderById(planId, targetId) : await documentById(planId, targetId)
  return row?.trashedAt === null
}

/** Throws notFound. */
export async function takeOfferBack({ planId }: Actor, id: string): Promise<void> {
  const offer = (await handovers().findOne({ where: { id, planId } })) ?? fail('notFound')
  await offer.destroy()
  await tellBoth(planId, (await planOf(offer.personId))?.id)
}

/** The giver's windows show it no more; nobody is told more of it. Throws notFound. */
export async function declineOffer({ accountId, planId }: Actor, id: string): Promise<void> {
  const offer = (await handovers().findOne({ where: { id, personId: accountId } })) ?? fail('notFound')
  await offer.destroy()
  await tellBoth(offer.planId, planId)
}

async function tellBoth(planId: string, theirs: string | undefined): Promise<void> {
  for (const one of [planId, ...(theirs === undefined ? [] : [theirs])])
    await notify(null, { type: 'handovers', planId: one })
}
