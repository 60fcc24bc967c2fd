import { fail } from '../../../core/errors'
import { trashInside } from '../../db/sql/documentFacts'
import { folderById } from '../../db/sql/planRows'
import type { Actor } from '../actor'

/** What lies in a folder of the Trash, as it lay. Throws notFound. */
export async function lookInside(actor: Actor, id: string) {
  const folder = await folderById(actor.planId, id)
  if (folder?.trashedAt == null) fail('notFound')
  return { items: await trashInside(actor.planId, id) }
}
