import type { StoredBlob } from '../../db/blobStore'
import { settle } from '../../db/blobStore'
import type { UploadRow } from '../../db/sql/uploads'
import { repointUpload } from '../../db/sql/uploads'
import { finishHash } from './hashes'

/** Gives a complete upload its hash; where the same content is there already, the upload stands for that. */
export async function finalizeUpload(upload: Pick<UploadRow, 'id' | 'blobId' | 'size'>): Promise<StoredBlob> {
  return settle(upload.blobId, upload.size, await finishHash(upload.id, upload.blobId, upload.size), sameId =>
    repointUpload(upload.id, sameId),
  )
}
