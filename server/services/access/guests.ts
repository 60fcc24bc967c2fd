// What whoever works in the plan of another does not do there: what is about rights, and what belongs to a person.

import { fail } from '../../../core/errors'
import type { ClientCommand } from '../../../core/plan/commands/index'
import { ownersOnly } from '../../../core/plan/commands/index'
import { sessions } from '../../db/models/session'
import { mayWorkIn } from '../../db/sql/actors'
import { planOf } from '../../db/sql/planRows'
import type { Actor } from '../actor'
import { hashOf } from '../account/session'

/** The same command. Throws right.missing, right.personal. */
export function allowedCommand<C extends ClientCommand>(actor: Actor, command: C): C {
  const why = actor.isGuest ? ownersOnly(command) : null
  if (why !== null) fail(why === 'right' ? 'right.missing' : 'right.personal')
  return command
}

/** Throws right.missing for who works in the plan of another. */
export function ownPlanOnly({ isGuest }: Actor): void {
  if (isGuest) fail('right.missing')
}

/** The same person in their own plan, where what is theirs alone lies. */
export async function inOwnPlan(actor: Actor): Promise<Actor> {
  if (!actor.isGuest) return actor
  const { id } = (await planOf(actor.accountId)) ?? fail('notFound')
  return { ...actor, planId: id, isGuest: false }
}

/** In which plan a session works from now on; null: in its own. Throws grant.gone. */
export async function workIn({ accountId }: Actor, token: string, planId: string | null): Promise<void> {
  if (planId !== null && !(await mayWorkIn(accountId, planId))) fail('grant.gone')
  await sessions().update({ planId }, { where: { tokenHash: hashOf(token) } })
}
