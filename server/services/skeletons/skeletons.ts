import type { Skeleton } from '../../../contract/draft'
import { fail } from '../../../core/errors'
import { skeletons } from '../../db/models/skeleton'
import type { Actor } from '../actor'

const LISTED = 500

/** A person's own; those that ship with Hembix are in core/draft. */
export async function listSkeletons(actor: Actor): Promise<Skeleton[]> {
  const found = await skeletons().findAll({ where: { planId: actor.planId }, order: ['name', 'id'], limit: LISTED })
  return found.map(({ id, name, outline }) => ({ id, name, outline }))
}

/** Under the client's id; what the plan had under it is replaced, but for when it was made. */
export async function keepSkeleton(actor: Actor, skeleton: Skeleton, now: Date): Promise<void> {
  await skeletons().upsert({ ...skeleton, planId: actor.planId, createdAt: now }, { fields: ['name', 'outline'] })
}

export async function discardSkeleton(actor: Actor, id: string): Promise<void> {
  if ((await skeletons().destroy({ where: { planId: actor.planId, id } })) === 0) fail('notFound')
}
