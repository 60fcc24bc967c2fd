import type { FolderId } from '../../../core/ids'
import { handInsIn } from '../../db/sql/handIns'
import type { Actor } from '../actor'

/** Who was handed something out right in a folder, and what they handed in; nobody where nothing was. */
export const listHandIns = async ({ planId }: Actor, folderId: FolderId) => ({
  handIns: await handInsIn(planId, folderId),
})
