import { rows } from '../client'

export interface ActorRow { readonly accountId: string; readonly email: string; readonly planId: string }

export async function actorBySession(tokenHash: Buffer): Promise<ActorRow | undefined> {
  const found = await rows<ActorRow>(null, `SELECT a.id AS "accountId", a.email, p.id AS "planId" FROM session s
    JOIN account a ON a.id = s.account_id JOIN plan p ON p.account_id = a.id WHERE s.token_hash = $1 AND s.expires_at > now()`, [tokenHash])
  return found[0]
}

export async function hasDemo(): Promise<boolean> {
  return (await rows(null, 'SELECT 1 FROM account WHERE is_demo LIMIT 1')).length > 0
}

/** Throws when the database does not answer. */
export async function ping(): Promise<void> {
  await rows(null, 'SELECT 1')
}

/** True while nobody has an account. */
export async function isNew(): Promise<boolean> {
  return (await rows(null, 'SELECT 1 FROM account LIMIT 1')).length === 0
}

export async function actorByEmail(email: string): Promise<ActorRow | undefined> {
  const found = await rows<ActorRow>(null, `SELECT a.id AS "accountId", a.email, p.id AS "planId" FROM account a JOIN plan p ON p.account_id = a.id WHERE a.email = $1`, [email])
  return found[0]
}
