import type { Skeleton } from '../../../contract/draft'
import { fail } from '../../../core/errors'
import { dropSkeleton, putSkeleton, skeletonsOf } from '../../db/sql/drafts'
import type { Actor } from '../actor'

/** A person's own; those that ship with Hembix are in core/draft. */
export function listSkeletons(actor: Actor): Promise<Skeleton[]> {
  return skeletonsOf(actor.planId)
}

/** Under the client's id; what the plan had under it is replaced. */
export async function keepSkeleton(actor: Actor, skeleton: Skeleton, now: Date): Promise<void> {
  await putSkeleton(actor.planId, skeleton, now.toISOString())
}

export async function discardSkeleton(actor: Actor, id: string): Promise<void> {
  if (await dropSkeleton(actor.planId, id) === 0) fail('notFound')
}
