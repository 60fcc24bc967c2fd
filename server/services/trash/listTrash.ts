import type { TrashItem } from '../../db/sql/documentFacts'
import { trashItems } from '../../db/sql/documentFacts'
import type { Actor } from '../actor'

const LIMIT = 1000

/**
 * What was put into the Trash, newest first: each folder with all that went with it, each document alone. At most the
 * newest 1,000.
 */
export function listTrash(actor: Actor): Promise<TrashItem[]> {
  return trashItems(actor.planId, LIMIT)
}
