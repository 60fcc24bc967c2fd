// A file that comes as one request. What has arrived is kept when the connection breaks, and the same request with
// `offset` brings the rest.

import { Readable } from 'node:stream'
import { v5 } from 'uuid'
import { fail } from '../../../core/errors'
import { sizeText } from '../../../core/formats/index'
import { nameFromFile } from '../../../core/plan/index'
import type { Origin } from '../../../core/rows/index'
import type { JournalEntry } from '../../db/sql/journal'
import { entryById } from '../../db/sql/journal'
import { beginUpload, dropUploads, uploadsAmong } from '../../db/sql/uploads'
import { checkQuota } from '../account/quota'
import type { Actor } from '../actor'
import { newId } from '../actor'
import type { Upload } from '../documents/addUpload'
import { addUpload, checkFolder, uploadLimit } from '../documents/addUpload'
import { isLostConnection } from '../documents/lostConnection'
import { forgetHash } from './hashes'
import { commitUploads } from './commitUploads'
import { UploadStore } from './uploadStore'

/** Names the upload of a document within its plan (RFC 9562, version 5). */
const PLAIN_UPLOADS = '5f0a5c3e-50b5-4b53-9f0e-9f3a6f1f2b11'

export interface PlainUpload extends Omit<Upload, 'sender' | 'announcedBytes'> {
  readonly origin: Origin
  /** Bytes that have arrived before; 0 begins anew. */
  readonly offset: number
  /** Of this request; null when the client did not say, and then nothing is kept of what breaks off. */
  readonly announcedBytes: number | null
}

/**
 * Makes a document of the file once all of it is there. Throws upload.large, upload.short, upload.offset, quota.full,
 * notFound, folder.inTrash.
 */
export async function takePlainUpload(actor: Actor, upload: PlainUpload, now: Date): Promise<JournalEntry> {
  const { announcedBytes, offset, fileName } = upload
  const earlier = await entryById(null, actor.planId, upload.changeId)
  if (earlier) return earlier
  const { name } = nameFromFile(fileName)
  const size = offset + (announcedBytes ?? 0)
  if (size > uploadLimit()) fail('upload.large', { name, limit: sizeText(uploadLimit()) })
  await checkFolder(actor, upload.folderId)
  await checkQuota(actor, announcedBytes ?? 0)
  if (announcedBytes === null || size === 0) return addUpload(actor, upload, now)
  const id = v5(`${actor.planId} ${upload.documentId}`, PLAIN_UPLOADS)
  await begin(actor, id, upload, size)
  const received = await new UploadStore(actor)
    .write(Readable.from(upload.bytes), id, offset)
    .catch((error: unknown) => {
      if (isLostConnection(error)) return 0
      throw error
    })
  if (received < size) fail('upload.short', { name })
  return commitUploads(
    actor,
    {
      changeId: upload.changeId,
      folderId: upload.folderId,
      folders: [],
      origin: upload.origin,
      files: [{ uploadId: id, documentId: upload.documentId, folderId: null, clash: upload.clash }],
    },
    now,
  )
}

async function begin(
  actor: Actor,
  id: string,
  { offset, fileName, changedAt }: PlainUpload,
  size: number,
): Promise<void> {
  const [begun] = await uploadsAmong(null, actor.planId, [id])
  if (offset > 0) {
    if (!begun) fail('upload.missing')
    if (begun.received !== offset || begun.size !== size)
      fail('upload.offset', { received: begun.received, size: begun.size })
    return
  }
  if (begun) {
    forgetHash(id)
    await dropUploads(null, actor.planId, [id])
  }
  await beginUpload(actor.planId, {
    id,
    blobId: newId(),
    name: fileName,
    size,
    metadata: { name: fileName, changed: changedAt },
  })
}
