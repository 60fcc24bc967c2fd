import type { FolderFacts } from '../../db/sql/planRows'
import { folderFacts } from '../../db/sql/planRows'
import type { Actor } from '../actor'

/** For listings of the plan; folders without documents are left out. Sizes in bytes. */
export function readFolderFacts(actor: Actor): Promise<FolderFacts[]> {
  return folderFacts(actor.planId)
}
