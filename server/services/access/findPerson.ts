import { fail } from '../../../core/errors'
import { Op } from '../../db/client'
import { attempts } from '../../db/models/attempt'
import type { Person } from '../../db/sql/people'
import { personByEmail } from '../../db/sql/people'
import type { Actor } from '../actor'

const HOUR_MS = 3_600_000
// Whoever tries addresses finds out who has an account: nobody needs more than these to give something.
const TRIED_AN_HOUR = 100

/** The person who signs in with an address. Throws give.nobody, people.many. */
export async function findPerson(actor: Actor, typed: string, now: Date): Promise<Person> {
  const email = typed.trim().toLowerCase()
  const who = { kind: 'person' as const, email: actor.email, address: actor.accountId, network: actor.accountId }
  // Written before they are counted, so that many at once cannot slip through together.
  await attempts().create({ ...who, at: now })
  const tried = await attempts().count({ where: { ...who, at: { [Op.gt]: new Date(now.getTime() - HOUR_MS) } } })
  if (tried > TRIED_AN_HOUR) fail('people.many')
  return (await personByEmail(email)) ?? fail('give.nobody')
}
