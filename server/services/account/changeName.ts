import { accounts } from '../../db/models/account'
import type { Actor } from '../actor'

/** What others call the person from now on. */
export async function changeName(actor: Actor, typed: string): Promise<{ name: string }> {
  const name = typed.trim()
  await accounts().update({ name }, { where: { id: actor.accountId } })
  return { name }
}
