import { fail } from '../../../core/errors'
import { isUniqueViolation } from '../../db/client'
import { accounts } from '../../db/models/account'
import type { Actor } from '../actor'
import type { Origin } from './session'
import { verifyPassword } from './session'

/** Another address to sign in with. Throws session.wrong, session.throttled, account.taken. */
export async function changeEmail(
  actor: Actor,
  { password, email: typed }: { readonly password: string; readonly email: string },
  origin: Origin,
  now: Date,
): Promise<{ email: string }> {
  const id = await verifyPassword(actor.email, password, origin, now)
  const email = typed.trim().toLowerCase()
  try {
    await accounts().update({ email }, { where: { id } })
  } catch (error) {
    if (isUniqueViolation(error)) fail('account.taken')
    throw error
  }
  return { email }
}
