import type { PersonId } from '../../../core/ids'
import { database, rows } from '../client'
import { accounts } from '../models/account'
import { belonging } from '../associations'
import { plans } from '../models/plan'
import { nameOf } from './people'
import { sessions } from '../models/session'

export interface ActorRow {
  readonly accountId: PersonId
  readonly email: string
  readonly name: string
  readonly planId: string
  /** It is the plan of another. */
  readonly isGuest: boolean
  readonly sessionId?: string
}

// Whoever may change all of a plan may work in it as in their own, while the grant is in force.
const MAY_WORK_IN = `EXISTS (SELECT FROM access_grant g WHERE g.plan_id = o.id AND g.target = 'plan'
  AND g.role IN ('edit', 'keep') AND (g.until IS NULL OR g.until > now()) AND (g.who = 'everyone' OR g.who_id = a.id
    OR g.who_id IN (SELECT m.group_id FROM group_member m WHERE m.plan_id = o.id AND m.person_id = a.id)))`

/** Whether somebody may work in the plan of another. */
export async function mayWorkIn(accountId: string, planId: string): Promise<boolean> {
  const found = await rows(
    null,
    `SELECT FROM account a JOIN plan o ON o.id = $2 AND o.account_id <> a.id WHERE a.id = $1 AND ${MAY_WORK_IN}`,
    [accountId, planId],
  )
  return found.length > 0
}

export async function actorBySession(tokenHash: Buffer): Promise<ActorRow | undefined> {
  const found = await rows<ActorRow & { isStale: boolean }>(
    null,
    `SELECT a.id AS "accountId", a.email, a.name, coalesce(v.id, p.id) AS "planId", v.id IS NOT NULL AS "isGuest",
      s.id AS "sessionId",
      s.seen_at < now() - interval '1 hour' AS "isStale"
      FROM session s
    JOIN account a ON a.id = s.account_id JOIN plan p ON p.account_id = a.id
    LEFT JOIN LATERAL (SELECT o.id FROM plan o WHERE o.id = s.plan_id AND ${MAY_WORK_IN}) v ON true
    WHERE s.token_hash = $1
      AND s.expires_at > now() AND a.locked_at IS NULL`,
    [tokenHash],
  )
  const [actor] = found
  if (!actor) return undefined
  if (actor.isStale) await sessions().update({ seenAt: new Date() }, { where: { tokenHash } })
  const { accountId, email, name, planId, isGuest, sessionId } = actor
  return { accountId, email, name, planId, isGuest, sessionId }
}

/** The people of the demo, in the order in which they were made. */
export async function demoNames(): Promise<string[]> {
  const found = await accounts().findAll({
    where: { isDemo: true },
    attributes: ['name', 'email'],
    order: [['createdAt', 'ASC']],
  })
  return found.map(nameOf)
}

/** Throws when the database does not answer. */
export async function ping(): Promise<void> {
  await database().authenticate()
}

/** True while nobody has an account. */
export async function isNew(): Promise<boolean> {
  return (await accounts().findOne({ attributes: ['id'] })) === null
}

export async function actorByEmail(email: string): Promise<ActorRow | undefined> {
  const account = belonging(plans, 'account', { attributes: ['id', 'email', 'name'], where: { email } })
  const plan = await plans().findOne({ attributes: ['id'], include: [account] })
  if (!plan?.account) return undefined
  const { id: accountId, name } = plan.account
  return { accountId, email, name, planId: plan.id, isGuest: false }
}

export interface AccountRow {
  readonly email: string
  readonly isDemo: boolean
  readonly createdAt: string
  readonly lockedAt: string | null
  readonly documents: number
  /** Bytes of all versions. */
  readonly bytes: number
  readonly sessions: number
}

/** One account, or with null all of them. */
export function accountRows(accountId: string | null): Promise<AccountRow[]> {
  return rows(
    null,
    `SELECT a.email, a.is_demo AS "isDemo", a.created_at::text AS "createdAt", a.locked_at::text AS "lockedAt",
      (SELECT count(*)::int FROM document d WHERE d.plan_id = p.id) AS documents, (SELECT coalesce(sum(b.size),
        0)::float8 FROM blob b WHERE b.plan_id = p.id) AS bytes,
      (SELECT count(*)::int FROM session s WHERE s.account_id = a.id AND s.expires_at > now()) AS sessions
    FROM account a JOIN plan p ON p.account_id = a.id WHERE $1::uuid IS NULL OR a.id = $1 ORDER BY a.created_at`,
    [accountId],
  )
}
