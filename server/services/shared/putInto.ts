// Copies of one's own documents for a folder in the plan of another, as when something is put into an area.

import { fileNameOf, mediaTypeOf } from '../../../core/formats/index'
import type { DocumentId, FolderId } from '../../../core/ids'
import type { NewFile } from '../../../core/plan/index'
import { checkQuota } from '../account/quota'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'
import { openContent } from '../documents/openContent'
import { storeStream } from '../documents/storeFile'
import { told } from './changeShared'
import type { Scope } from './scope'
import { actorIn, folderIn } from './scope'

export interface PutInto {
  readonly changeId: string
  readonly folderId: FolderId
  /** Each of mine, and what its copy is called there. */
  readonly documents: readonly { readonly id: DocumentId; readonly copyId: DocumentId }[]
}

/**
 * As they are now, all in one act; what becomes of mine does not touch them. Throws right.missing, notFound,
 * quota.full of whoever owns the plan.
 */
export async function putInto(scope: Scope, mine: Actor, { changeId, folderId, documents }: PutInto, now: Date) {
  const actor = actorIn(scope, 'add')
  folderIn(scope, folderId)
  const files: NewFile[] = []
  for (const { id, copyId } of documents) {
    const content = await openContent(mine, id, null)
    const fileName = fileNameOf(content.name, content.extension)
    await checkQuota(scope.giver, content.size)
    const blob = await storeStream(scope.giver, fileName, content.read(0, content.size - 1))
    files.push({
      ...{ id: copyId, versionId: newId(), placementId: newId(), blobId: blob.id, size: blob.size, fileName },
      ...{ mediaType: mediaTypeOf(content.extension), changedAt: now.toISOString() },
      ...{ origin: 'copy', sender: actor.name || actor.email },
    })
  }
  return told(await applyCommand(actor, changeId, { kind: 'document.add', folderId, clash: 'both', files }, now))
}
