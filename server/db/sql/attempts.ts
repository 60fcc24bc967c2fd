import type { Attempts, RecentAttempts } from '../../../core/account/index'
import type { Transaction } from '../client'
import { rows } from '../client'

/**
 * Attempts at one account, and from one network, are counted one after the other: many at once cannot all see the same
 * number.
 */
export async function lockAttempts(transaction: Transaction, email: string, network: string): Promise<void> {
  await rows(transaction, 'SELECT pg_advisory_xact_lock(17, hashtext($1))', [network])
  await rows(transaction, 'SELECT pg_advisory_xact_lock(18, hashtext($1))', [email])
}

type Counted = Record<`${'here' | 'network' | 'account'}${'Count' | 'Ms'}`, number | null>

/** Failed attempts to sign in since a moment. */
export async function recentAttempts(
  transaction: Transaction,
  from: { readonly email: string; readonly address: string; readonly network: string },
  since: Date,
  now: Date,
): Promise<RecentAttempts> {
  const ms = (condition: string) => `extract(epoch FROM $5::timestamptz - max(at) FILTER (WHERE ${condition})) * 1000`
  const [counted] = await rows<Counted>(
    transaction,
    `SELECT count(*) FILTER (WHERE email = $1 AND address = $2)::int AS "hereCount",
      (${ms('email = $1 AND address = $2')})::float8 AS "hereMs",
      count(*) FILTER (WHERE network = $3)::int AS "networkCount", (${ms('network = $3')})::float8 AS "networkMs",
      count(*) FILTER (WHERE email = $1)::int AS "accountCount", (${ms('email = $1')})::float8 AS "accountMs"
    FROM attempt WHERE (email = $1 OR network = $3) AND kind = 'sign-in' AND at > $4`,
    [from.email, from.address, from.network, since, now],
  )
  const attempts = (count: number | null | undefined, sinceLastMs: number | null | undefined): Attempts => ({
    count: count ?? 0,
    sinceLastMs: sinceLastMs ?? null,
  })
  return {
    here: attempts(counted?.hereCount, counted?.hereMs),
    network: attempts(counted?.networkCount, counted?.networkMs),
    account: attempts(counted?.accountCount, counted?.accountMs),
  }
}
