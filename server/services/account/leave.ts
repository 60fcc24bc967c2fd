import { fail } from '../../../core/errors'
import { planOf } from '../../db/sql/planRows'
import type { Actor } from '../actor'
import { deleteAccount } from './administer'
import type { Origin } from './session'
import { verifyPassword } from './session'

/**
 * Deletes the person's own account with everything in it, for good: asked twice, by the password and by the name of the
 * plan. Throws session.wrong, session.throttled, account.planName.
 */
export async function leave(
  actor: Actor,
  { password, planName }: { readonly password: string; readonly planName: string },
  origin: Origin,
  now: Date,
): Promise<{ documents: number; bytes: number }> {
  await verifyPassword(actor.email, password, origin, now)
  const plan = (await planOf(actor.accountId)) ?? fail('notFound')
  if (planName.trim() !== plan.name) fail('account.planName', { name: plan.name })
  return deleteAccount(actor.email)
}
