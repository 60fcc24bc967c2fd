import type { UploadRow } from '../../db/sql/uploads'
import { documentsHolding, sizesAmong, uploadsOf } from '../../db/sql/uploads'
import type { Actor } from '../actor'

/** Files on their way that were not taken in yet, as after a window was closed. */
export async function pendingUploads(actor: Actor): Promise<Omit<UploadRow, 'blobId'>[]> {
  return (await uploadsOf(actor.planId)).map(({ id, name, size, received, metadata, createdAt }) => ({
    id,
    name,
    size,
    received,
    metadata,
    createdAt,
  }))
}

export interface Known {
  /** Those of the sizes asked for that some document has: only files of these sizes can be known. */
  readonly sizes: readonly number[]
  readonly documents: readonly {
    readonly sha256: string
    readonly id: string
    readonly name: string
    readonly extension: string
    readonly folderIds: readonly (string | null)[]
  }[]
}

/** Which files are in the plan already, by their sizes (bytes) and then by their contents (SHA-256, hex). */
export async function findKnown(actor: Actor, sizes: readonly number[], hashes: readonly string[]): Promise<Known> {
  return {
    sizes: sizes.length > 0 ? await sizesAmong(actor.planId, sizes) : [],
    documents: hashes.length > 0 ? await documentsHolding(actor.planId, hashes) : [],
  }
}
