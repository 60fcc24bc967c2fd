// What a link opens, and whether a folder or a document lies in it. Every route of links asks here, and gets nothing of
// the plan but what it says.

import { hashOfSecret } from '../../../core/access/index'
import { fail } from '../../../core/errors'
import type { DocumentId, FolderId } from '../../../core/ids'
import type { NumberedTree } from '../../../core/numbering/index'
import { numberTree } from '../../../core/numbering/index'
import type { DocumentRow, FolderRow, ShareLinkRow } from '../../../core/rows/index'
import { branchOf } from '../../../core/tree/index'
import { documentById } from '../../db/sql/documentFacts'
import { numberingOf, placementsOf } from '../../db/sql/planRows'
import { linkBySecretHash } from '../../db/sql/shareLinks'
import type { Actor } from '../actor'
import { LOCALE } from '../actor'
import { currentFolders, liveFolders } from '../plan/planFolders'

export interface Scope {
  /** As the giver, for services that are bounded by a plan; what they answer is bounded by this scope. */
  readonly giver: Actor
  readonly link: ShareLinkRow
  /** The folder that was given with all below, in the order of the plan; empty where a document was. */
  readonly folders: readonly FolderRow[]
  readonly numbered: NumberedTree<FolderRow>
}

/** Throws link.gone where the secret opens nothing: never made, ended, over, or what it gave is gone. */
export async function scopeOf(secret: string, now: Date): Promise<Scope> {
  const found = (await linkBySecretHash(hashOfSecret(secret), now)) ?? fail('link.gone')
  const { planId, accountId, ...link } = found
  const numbering = (await numberingOf(planId)) ?? fail('link.gone')
  const numbered = numberTree(numbering, liveFolders(await currentFolders(planId)), LOCALE)
  const giver: Actor = { planId, accountId, email: '' }
  if (link.target === 'document') {
    const document = await documentById(planId, link.targetId)
    if (!document || document.trashedAt !== null) fail('link.gone')
    return { giver, link, folders: [], numbered }
  }
  const top = link.targetId as FolderId
  if (!numbered.tree.byId.has(top)) fail('link.gone')
  return { giver, link, folders: branchOf(numbered.tree, top), numbered }
}

/** One of its folders. Throws notFound. */
export function folderIn({ folders }: Scope, id: FolderId): FolderRow {
  return folders.find(folder => folder.id === id) ?? fail('notFound')
}

/** One of its documents, with those of its places that lie in it. Throws notFound. */
export async function documentIn(
  { giver, link, folders }: Scope,
  id: DocumentId,
): Promise<{ readonly document: DocumentRow; readonly folderIds: readonly FolderId[] }> {
  const document = (await documentById(giver.planId, id)) ?? fail('notFound')
  if (document.trashedAt !== null) fail('notFound')
  if (link.target === 'document') return id === link.targetId ? { document, folderIds: [] } : fail('notFound')
  const inside = new Set<string>(folders.map(folder => folder.id))
  const places = await placementsOf(null, giver.planId, [id])
  const folderIds = places.flatMap(({ folderId }) => (folderId !== null && inside.has(folderId) ? [folderId] : []))
  return folderIds.length > 0 ? { document, folderIds } : fail('notFound')
}
