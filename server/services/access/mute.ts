import { mutedGivers } from '../../db/models/mutedGiver'
import type { Actor } from '../actor'

/** Whose gifts are told as new, in the application and by mail, and whose are not. */
export async function muteGiver({ accountId }: Actor, giverId: string, on: boolean): Promise<void> {
  if (on) await mutedGivers().findOrCreate({ where: { accountId, giverId } })
  else await mutedGivers().destroy({ where: { accountId, giverId } })
}
