// What a link opens, and whether a folder or a document lies in it. Every route of links asks here, and gets nothing of
// the plan but what it says.

import { hashOfSecret } from '../../../core/access/index'
import { fail } from '../../../core/errors'
import type { DocumentId, FolderId } from '../../../core/ids'
import type { DocumentRow, FolderRow, ShareLinkRow } from '../../../core/rows/index'
import { documentById } from '../../db/sql/documentFacts'
import { placementsOf } from '../../db/sql/planRows'
import { linkBySecretHash } from '../../db/sql/shareLinks'
import type { Actor } from '../actor'
import type { PlanFolders } from '../plan/planFolders'
import { currentFolders } from '../plan/planFolders'

export interface Scope {
  /** As the giver, for services that are bounded by a plan; what they answer is bounded by this scope. */
  readonly giver: Actor
  readonly link: ShareLinkRow
  /** The folder that was given; null where a document was. */
  readonly top: FolderRow | null
  readonly plan: PlanFolders
}

/** Throws link.gone where the secret opens nothing: never made, ended, over, or what it gave is gone. */
export async function scopeOf(secret: string, now: Date): Promise<Scope> {
  const { planId, accountId, ...link } = (await linkBySecretHash(hashOfSecret(secret), now)) ?? fail('link.gone')
  const giver: Actor = { planId, accountId, email: '' }
  const plan = await currentFolders(planId)
  if (link.target === 'folder') {
    const top = plan.folders.get(link.targetId)
    return top?.trashedAt === null ? { giver, link, top, plan } : fail('link.gone')
  }
  const document = await documentById(planId, link.targetId)
  return document?.trashedAt === null ? { giver, link, top: null, plan } : fail('link.gone')
}

/** Whether a folder is the one that was given, or lies below it; nothing is made of the plan for that. */
export function isIn({ top, plan }: Scope, id: string | null): boolean {
  for (let at = plan.folders.get(id ?? ''); top && at?.trashedAt === null; at = plan.folders.get(at.parentId ?? ''))
    if (at.id === top.id) return true
  return false
}

/** One of its folders. Throws notFound. */
export const folderIn = (scope: Scope, id: FolderId): FolderId => (isIn(scope, id) ? id : fail('notFound'))

/** One of its documents. Throws notFound. */
export async function documentIn(scope: Scope, id: DocumentId): Promise<DocumentRow> {
  const { giver, link, top } = scope
  const [document, places] = await Promise.all([
    documentById(giver.planId, id),
    top ? placementsOf(null, giver.planId, [id]) : [],
  ])
  const isInside = top ? places.some(({ folderId }) => isIn(scope, folderId)) : id === link.targetId
  return document?.trashedAt === null && isInside ? document : fail('notFound')
}
