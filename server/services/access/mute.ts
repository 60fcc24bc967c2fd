import { accounts } from '../../db/models/account'
import { mutedGivers } from '../../db/models/mutedGiver'
import type { Actor } from '../actor'

/** Whose gifts are told as new, in the application and by mail, and whose are not. */
export async function muteGiver({ accountId }: Actor, giverId: string, on: boolean): Promise<void> {
  // Of an id that nobody has there is nothing to hear, and nobody is told that.
  if (on && !(await accounts().findByPk(giverId))) return
  if (on) await mutedGivers().findOrCreate({ where: { accountId, giverId } })
  else await mutedGivers().destroy({ where: { accountId, giverId } })
}
