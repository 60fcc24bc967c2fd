import { storableTime } from '../../../core/dates/index'
import { fail } from '../../../core/errors'
import { mediaTypeOf } from '../../../core/formats/index'
import type { DocumentId, FolderId } from '../../../core/ids'
import type { Clash, NewFile } from '../../../core/plan/index'
import { nameFromFile } from '../../../core/plan/index'
import type { Origin } from '../../../core/rows/index'
import { blobsAmong } from '../../db/blobStore'
import type { JournalEntry } from '../../db/sql/journal'
import { entryById } from '../../db/sql/journal'
import { dropUploads, uploadsAmong } from '../../db/sql/uploads'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'
import { forgetHash } from './hashes'
import { finalizeUpload } from './settleUpload'

// So many at once are read behind what comes singly.
const MANY = 50

export interface UploadCommit {
  readonly changeId: string
  /** null: the In-tray. */
  readonly folderId: FolderId | null
  /** Folders that are made with the files, parents first; parentId null: in folderId. */
  readonly folders: readonly { readonly id: FolderId; readonly parentId: FolderId | null; readonly name: string }[]
  readonly files: readonly {
    readonly uploadId: string
    readonly documentId: DocumentId
    /** null: folderId. */
    readonly folderId: FolderId | null
    readonly clash: Clash
  }[]
  readonly origin: Origin
}

/**
 * Makes documents of uploads that are complete, with the folders they came in, as one Change. Throws upload.missing,
 * upload.short, notFound and folder.inTrash; then the uploads are still there. Asked again with the same key, the
 * first answer is given.
 */
export async function commitUploads(actor: Actor, commit: UploadCommit, now: Date): Promise<JournalEntry> {
  const earlier = await entryById(null, actor.planId, commit.changeId)
  const uploads = new Map(
    (
      await uploadsAmong(
        null,
        actor.planId,
        commit.files.map(file => file.uploadId),
      )
    ).map(row => [row.id, row]),
  )
  if (earlier) return earlier
  const blobs = new Map(
    (await blobsAmong([...uploads.values()].map(upload => upload.blobId))).map(blob => [blob.id, blob]),
  )
  const files: NewFile[] = []
  for (const { uploadId, documentId, folderId, clash } of commit.files) {
    const upload = uploads.get(uploadId) ?? fail('upload.missing')
    if (upload.received < upload.size) fail('upload.short', { name: nameFromFile(upload.name).name })
    const { extension } = nameFromFile(upload.name)
    const blob = blobs.get(upload.blobId) ?? (await finalizeUpload(upload))
    files.push({
      id: documentId,
      versionId: newId(),
      placementId: newId(),
      fileName: upload.name,
      mediaType: mediaTypeOf(extension),
      size: blob.size,
      blobId: blob.id,
      changedAt: timeOf(upload.metadata.changed, now),
      origin: commit.origin,
      clash,
      ...(folderId === null ? {} : { folderId }),
    })
  }
  const entry = await applyCommand(
    actor,
    commit.changeId,
    { kind: 'document.add', folderId: commit.folderId, clash: 'both', folders: commit.folders, files },
    now,
    files.length > MANY ? 'later' : 'now',
  )
  await dropUploads(null, actor.planId, [...uploads.keys()])
  for (const id of uploads.keys()) forgetHash(id)
  return entry
}

function timeOf(text: string | null | undefined, now: Date): string {
  return storableTime(text ?? '') ?? now.toISOString()
}
