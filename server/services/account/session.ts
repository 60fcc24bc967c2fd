import { createHash, randomBytes } from 'node:crypto'
import { Op } from '../../db/client'
import { fail } from '../../../core/errors'
import { accounts } from '../../db/models/account'
import { sessions } from '../../db/models/session'
import { signInAttempts } from '../../db/models/signInAttempt'
import { actorBySession, hasDemo } from '../../db/sql/actors'
import type { Actor } from '../actor'
import { hashPassword, isPassword } from './password'

export const SESSION_DAYS = 60
const DAY_MS = 86_400_000
const ATTEMPT_LIMIT = 8
const ATTEMPT_MINUTES = 15

/** The cookie's token; only its hash is kept. */
export interface OpenSession { readonly token: string; readonly expiresAt: Date }

/** Throws session.wrong for an unknown address and for a wrong password alike, session.throttled after too many. */
export async function signIn(typedEmail: string, password: string, now: Date): Promise<OpenSession> {
  const email = typedEmail.trim().toLowerCase()
  const since = new Date(now.getTime() - ATTEMPT_MINUTES * 60_000)
  const failed = await signInAttempts().count({ where: { email, at: { [Op.gt]: since } } })
  if (failed >= ATTEMPT_LIMIT) fail('session.throttled', { minutes: ATTEMPT_MINUTES })
  const account = await accounts().findOne({ where: { email } })
  const right = account ? await isPassword(account.passwordHash, password) : (await hashPassword(password), false) // as slow for an unknown address
  if (!account || !right) {
    await signInAttempts().create({ email, at: now })
    fail('session.wrong')
  }
  await signInAttempts().destroy({ where: { email } })
  return openSession(account.id, now)
}

/** Opens the demo plan without a password. Throws session.noDemo where none was seeded. */
export async function openDemo(now: Date): Promise<OpenSession> {
  const account = await accounts().findOne({ where: { isDemo: true } })
  if (!account) fail('session.noDemo')
  return openSession(account.id, now)
}

export async function openSession(accountId: string, now: Date): Promise<OpenSession> {
  const token = randomBytes(32).toString('base64url')
  const expiresAt = new Date(now.getTime() + SESSION_DAYS * DAY_MS)
  await sessions().create({ tokenHash: hashOf(token), accountId, createdAt: now, expiresAt })
  await sessions().destroy({ where: { expiresAt: { [Op.lt]: now } } })
  return { token, expiresAt }
}

export async function endSession(token: string): Promise<void> {
  await sessions().destroy({ where: { tokenHash: hashOf(token) } })
}

/** Who holds the token; null when the session was ended or has run out. */
export async function whoIs(token: string): Promise<Actor | null> {
  return (await actorBySession(hashOf(token))) ?? null
}

export function isDemoThere(): Promise<boolean> {
  return hasDemo()
}

function hashOf(token: string): Buffer {
  return createHash('sha256').update(token).digest()
}
