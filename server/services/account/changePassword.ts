import { accounts } from '../../db/models/account'
import type { Actor } from '../actor'
import { hashPassword, refuseWeak } from './password'
import type { Origin } from './session'
import { endOtherSessions, verifyPassword } from './session'

/**
 * A new password in place of the old one; every other session is ended. Throws session.wrong, session.throttled,
 * password.weak.
 */
export async function changePassword(
  actor: Actor,
  { current, next, token }: { readonly current: string; readonly next: string; readonly token: string },
  origin: Origin,
  now: Date,
): Promise<{ ended: number }> {
  const id = await verifyPassword(actor.email, current, origin, now)
  refuseWeak(next, actor.email)
  await accounts().update({ passwordHash: await hashPassword(next) }, { where: { id } })
  return { ended: await endOtherSessions(actor, token) }
}
