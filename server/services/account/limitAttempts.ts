import type { ErrorCode } from '../../../core/errors'
import { fail } from '../../../core/errors'
import { Op } from '../../db/client'
import type { Attempt } from '../../db/models/attempt'
import { attempts } from '../../db/models/attempt'
import type { Actor } from '../actor'

const HOUR_MS = 3_600_000

/** Counts what a person tries of this kind; throws `refused` where it is more than so many within an hour. */
export async function limitAttempts(
  kind: Attempt['kind'],
  { accountId, email }: Actor,
  { anHour, refused }: { readonly anHour: number; readonly refused: ErrorCode },
  now: Date,
): Promise<void> {
  const who = { kind, email, address: accountId, network: accountId }
  // Written before they are counted, so that many at once cannot slip through together.
  await attempts().create({ ...who, at: now })
  const tried = await attempts().count({ where: { ...who, at: { [Op.gt]: new Date(now.getTime() - HOUR_MS) } } })
  if (tried > anHour) fail(refused)
}
