import { fail } from '../../../core/errors'
import { sizeText } from '../../../core/formats/index'
import { nameFromFile } from '../../../core/plan/index'
import type { StoredBlob } from '../../db/blobStore'
import { blobStore, TooLarge } from '../../db/blobStore'
import { checkQuota } from '../account/quota'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { uploadLimit } from './addUpload'

/**
 * Puts a whole file into the plan's store, for files that we make ourselves; the act that makes a document of it asks
 * for it to be read.
 */
export function storeFile(planId: string, bytes: Buffer): Promise<StoredBlob> {
  const one = async function* () {
    yield bytes
  }
  return blobStore.write(planId, newId(), one(), bytes.length)
}

/** Puts a file into the store as it comes in, for what is handed over. Throws upload.large, quota.full. */
export async function storeStream(
  actor: Actor,
  fileName: string,
  bytes: AsyncIterable<Uint8Array>,
): Promise<StoredBlob> {
  await checkQuota(actor, 0)
  return blobStore.write(actor.planId, newId(), bytes, uploadLimit()).catch((error: unknown) => {
    if (error instanceof TooLarge)
      fail('upload.large', { name: nameFromFile(fileName).name, limit: sizeText(uploadLimit()) })
    throw error
  })
}
