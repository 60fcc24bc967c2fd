// A copy of what was given, as a document of one's own.

import { fail } from '../../../core/errors'
import { fileNameOf } from '../../../core/formats/index'
import type { DocumentId, FolderId } from '../../../core/ids'
import { inOwnPlan } from '../access/guests'
import { addUpload } from '../documents/addUpload'
import { openContent } from '../documents/openContent'
import type { Scope } from './scope'
import { documentIn } from './scope'

export interface Copy {
  readonly changeId: string
  /** What it is called in the plan of the giver, and in mine. */
  readonly id: DocumentId
  readonly documentId: DocumentId
  /** null: the In-tray. */
  readonly folderId: FolderId | null
}

/**
 * As it is now; what becomes of the original does not touch it. Throws session.missing by a link, notFound, quota.full.
 */
export async function keepCopy(scope: Scope, { changeId, id, documentId, folderId }: Copy, now: Date) {
  const { person, from } = scope.viewer ?? fail('session.missing')
  const document = await documentIn(scope, id)
  const content = await openContent(scope.giver, id, null)
  return addUpload(
    await inOwnPlan(person),
    {
      changeId,
      documentId,
      folderId,
      fileName: fileNameOf(document.name, document.extension),
      changedAt: document.changedAt,
      clash: 'both',
      origin: 'copy',
      sender: from,
      bytes: content.read(0, content.size - 1),
      announcedBytes: content.size,
    },
    now,
  )
}
