// Where the tus server lays the bytes: in chunks of the blob store, with the mark moved in the same
// statement, so that what is said to be kept is kept, whatever happens to the server.

import type { Readable } from 'node:stream'
import { DataStore, ERRORS, Upload } from '@tus/server'
import { blobStore, CHUNK_BYTES } from '../../db/blobStore'
import type { UploadRow } from '../../db/sql/uploads'
import { beginUpload, dropUploads, receiveChunk, uploadsAmong } from '../../db/sql/uploads'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { forgetHash, hashOn } from './hashes'
import { finalizeUpload } from './settleUpload'

/** As our pages say it, and as most clients of the protocol do. */
export function fileNameIn(metadata: Upload['metadata']): string {
  return metadata?.name ?? metadata?.filename ?? ''
}

/** The uploads of one person. */
export class UploadStore extends DataStore {
  constructor(private readonly actor: Actor) {
    super()
    this.extensions = ['creation', 'creation-with-upload', 'termination']
  }

  override async create(file: Upload): Promise<Upload> {
    await beginUpload(this.actor.planId, {
      id: file.id,
      blobId: newId(),
      name: fileNameIn(file.metadata),
      size: file.size ?? 0,
      metadata: file.metadata ?? {},
    })
    return file
  }

  override async getUpload(id: string): Promise<Upload> {
    const { name: _, ...row } = await this.find(id)
    return new Upload({
      id,
      size: row.size,
      offset: row.received,
      metadata: { ...row.metadata },
      creation_date: row.createdAt,
    })
  }

  /** Keeps what comes, also when it breaks off; the new length. */
  override async write(stream: Readable, id: string, offset: number): Promise<number> {
    const upload = await this.find(id)
    let at = offset
    let parts: Uint8Array[] = await tailOf(upload, offset)
    let held = offset % CHUNK_BYTES
    let kept = offset
    const flush = async (): Promise<void> => {
      const chunk = Buffer.concat(parts)
      if (!(await receiveChunk(upload, Math.floor((at - 1) / CHUNK_BYTES), chunk, kept, at)))
        throw ERRORS.INVALID_OFFSET
      kept = at
      if (held === CHUNK_BYTES) {
        parts = []
        held = 0
      }
    }
    const hash = hashOn(id, offset)
    try {
      for await (const part of stream as AsyncIterable<Uint8Array>) {
        for (let from = 0; from < part.length;) {
          const piece = part.subarray(from, from + CHUNK_BYTES - held)
          parts.push(piece)
          held += piece.length
          from += piece.length
          at += piece.length
          hash.take(piece)
          if (held === CHUNK_BYTES) await flush()
        }
      }
    } finally {
      if (at > kept) await flush()
      hash.keep(at)
    }
    if (at === upload.size) await finalizeUpload(upload)
    return at
  }

  override async remove(id: string): Promise<void> {
    await this.find(id)
    forgetHash(id)
    await dropUploads(null, this.actor.planId, [id])
  }

  private async find(id: string): Promise<UploadRow> {
    const [upload] = await uploadsAmong(null, this.actor.planId, [id])
    if (!upload) throw ERRORS.FILE_NOT_FOUND
    return upload
  }
}

/** The beginning of a chunk that is kept already, since chunks are written whole. */
async function tailOf(upload: UploadRow, offset: number): Promise<Uint8Array[]> {
  if (offset % CHUNK_BYTES === 0) return []
  const parts: Uint8Array[] = []
  for await (const part of blobStore.read(upload.blobId, offset - (offset % CHUNK_BYTES), offset - 1)) parts.push(part)
  return parts
}
