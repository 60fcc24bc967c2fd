import { createHash, randomBytes } from 'node:crypto'
import { ATTEMPTS_KEPT_MS, networkOf, waitBeforeAttempt, waitText } from '../../../core/account/index'
import { fail } from '../../../core/errors'
import { Op, withTransaction } from '../../db/client'
import { accounts } from '../../db/models/account'
import { attempts } from '../../db/models/attempt'
import { sessions } from '../../db/models/session'
import { actorBySession, demoNames } from '../../db/sql/actors'
import { lockAttempts, recentAttempts } from '../../db/sql/attempts'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { hashPassword, isPassword } from './password'

const SESSION_DAYS = 60
const DAY_MS = 86_400_000

/** The cookie's token; only its hash is kept. */
export interface OpenSession {
  readonly token: string
  readonly expiresAt: Date
}

/** Where a request comes from. */
export interface Origin {
  readonly address: string
  /** What the browser says of itself. */
  readonly agent: string
}

/**
 * Throws session.wrong for an unknown address and for a wrong password alike, session.throttled after some,
 * session.locked.
 */
export async function signIn(typedEmail: string, password: string, origin: Origin, now: Date): Promise<OpenSession> {
  return openSession(await verifyPassword(typedEmail, password, origin, now), origin, now)
}

/** The account to which the password belongs. Throws as signIn does, and counts as an attempt. */
export async function verifyPassword(typedEmail: string, password: string, origin: Origin, now: Date): Promise<string> {
  const email = typedEmail.trim().toLowerCase()
  await noteAttempt(email, origin, now)
  const account = await accounts().findOne({ where: { email } })
  // as slow for an unknown address
  const right = account ? await isPassword(account.passwordHash, password) : (await hashPassword(password), false)
  if (!account || !right) fail('session.wrong')
  if (account.lockedAt) fail('session.locked')
  await attempts().destroy({ where: { kind: 'sign-in', email, address: origin.address } })
  return account.id
}

/**
 * Counts as failed until it is known to be right, so that many at once cannot slip through together. Throws
 * session.throttled.
 */
async function noteAttempt(email: string, { address }: Origin, now: Date): Promise<void> {
  const network = networkOf(address)
  await withTransaction(async transaction => {
    await lockAttempts(transaction, email, network)
    const waitMs = waitBeforeAttempt(
      await recentAttempts(transaction, { email, address, network }, new Date(now.getTime() - ATTEMPTS_KEPT_MS), now),
    )
    if (waitMs > 0) fail('session.throttled', { wait: waitText(waitMs), seconds: Math.ceil(waitMs / 1000) })
    await attempts().create({ kind: 'sign-in', email, address, network, at: now }, { transaction })
  })
}

/** What is no longer counted; how many. */
export function sweepAttempts(now: Date): Promise<number> {
  return attempts().destroy({ where: { at: { [Op.lt]: new Date(now.getTime() - ATTEMPTS_KEPT_MS) } } })
}

/** Opens the plan of one of the people of the demo without a password; null: the main one. Throws session.noDemo. */
export async function openDemo(name: string | null, origin: Origin, now: Date): Promise<OpenSession> {
  const account = await accounts().findOne({
    where: { isDemo: true, ...(name === null ? {} : { name }) },
    order: [['createdAt', 'ASC']],
  })
  if (!account) fail('session.noDemo')
  return openSession(account.id, origin, now)
}

const AGENT_LENGTH = 300

export async function openSession(accountId: string, { agent }: Origin, now: Date): Promise<OpenSession> {
  const token = randomBytes(32).toString('base64url')
  const expiresAt = new Date(now.getTime() + SESSION_DAYS * DAY_MS)
  await sessions().create({
    tokenHash: hashOf(token),
    id: newId(),
    accountId,
    createdAt: now,
    expiresAt,
    agent: agent.slice(0, AGENT_LENGTH),
    seenAt: now,
  })
  await sessions().destroy({ where: { expiresAt: { [Op.lt]: now } } })
  return { token, expiresAt }
}

export async function endSession(token: string): Promise<void> {
  await sessions().destroy({ where: { tokenHash: hashOf(token) } })
}

export interface SessionFacts {
  readonly id: string
  readonly agent: string
  readonly createdAt: string
  readonly seenAt: string
  /** It is the one that asks. */
  readonly current: boolean
}

/** Open sessions of a person, the last used first. */
export async function listSessions(actor: Actor, token: string, now: Date): Promise<SessionFacts[]> {
  const open = await sessions().findAll({
    where: { accountId: actor.accountId, expiresAt: { [Op.gt]: now } },
    order: [
      ['seenAt', 'DESC'],
      ['createdAt', 'DESC'],
    ],
  })
  const own = hashOf(token)
  return open.map(({ id, agent, createdAt, seenAt, tokenHash }) => ({
    id,
    agent,
    createdAt: createdAt.toISOString(),
    seenAt: seenAt.toISOString(),
    current: own.equals(tokenHash),
  }))
}

/** Ends one of a person's sessions. Throws notFound. */
export async function endSessionById(actor: Actor, id: string): Promise<void> {
  if ((await sessions().destroy({ where: { accountId: actor.accountId, id } })) === 0) fail('notFound')
}

/** Ends all of a person's sessions but the one of the token; how many. */
export function endOtherSessions(actor: Pick<Actor, 'accountId'>, token: string): Promise<number> {
  return sessions().destroy({ where: { accountId: actor.accountId, tokenHash: { [Op.ne]: hashOf(token) } } })
}

/** Who holds the token; null when the session was ended or has run out. */
export async function whoIs(token: string): Promise<Actor | null> {
  return (await actorBySession(hashOf(token))) ?? null
}

/** Who is signed in, and the people of the demo. */
export async function describeSession(token: string | null) {
  const actor = token === null ? null : await whoIs(token)
  const account = actor && { email: actor.email, name: actor.name ?? '', isGuest: actor.isGuest === true }
  return { account, demo: await demoNames() }
}

export function hashOf(token: string): Buffer {
  return createHash('sha256').update(token).digest()
}
