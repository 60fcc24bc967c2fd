import { fail } from '../../../core/errors'
import type { Person } from '../../db/sql/people'
import { personByEmail } from '../../db/sql/people'
import { limitAttempts } from '../account/limitAttempts'
import type { Actor } from '../actor'

// Whoever tries addresses finds out who has an account: nobody needs more than these to give something.
const LIMIT = { anHour: 100, refused: 'people.many' } as const

/** The person who signs in with an address. Throws give.nobody, people.many. */
export async function findPerson(actor: Actor, typed: string, now: Date): Promise<Person> {
  await limitAttempts('person', actor, LIMIT, now)
  return (await personByEmail(typed.trim().toLowerCase())) ?? fail('give.nobody')
}
