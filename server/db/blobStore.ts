// Bytes, content-addressed by SHA-256 and stored once for each plan, in PostgreSQL in chunks: one backup and one
// transaction hold everything.

import { createHash } from 'node:crypto'
import { execute, isUniqueViolation, rows } from './client'

export interface StoredBlob {
  readonly id: string
  readonly size: number
  readonly sha256: string
}

/** What the rest of Hembix asks of a place for bytes; an object store can stand behind it as well. */
export interface BlobStore {
  /**
   * Takes a stream without ever holding more than a chunk of it; nothing is left behind when it breaks. Throws TooLarge
   * above the limit.
   */
  write(planId: string, newId: string, bytes: AsyncIterable<Uint8Array>, limitBytes: number): Promise<StoredBlob>
  /** The bytes from `start` up to and with `end`. */
  read(id: string, start: number, end: number): AsyncGenerator<Buffer>
}

export class TooLarge extends Error {}

export const CHUNK_BYTES = 1024 * 1024

export const blobStore: BlobStore = {
  async write(planId, newId, bytes, limitBytes) {
    await execute(null, 'INSERT INTO blob (id, plan_id, created_at) VALUES ($1, $2, now())', [newId, planId])
    try {
      const { size, sha256 } = await writeChunks(newId, bytes, limitBytes)
      return await settle(newId, size, sha256)
    } catch (error) {
      await dropIncoming(newId)
      throw error
    }
  },

  async *read(id, start, end) {
    for (let seq = Math.floor(start / CHUNK_BYTES); seq * CHUNK_BYTES <= end; seq++) {
      const from = Math.max(0, start - seq * CHUNK_BYTES)
      const length = Math.min(CHUNK_BYTES, end - seq * CHUNK_BYTES + 1) - from
      const [chunk] = await rows<{ bytes: Buffer }>(
        null,
        'SELECT substring(bytes FROM $3::int FOR $4::int) AS bytes FROM blob_chunk WHERE blob_id = $1 AND seq = $2',
        [id, seq, from + 1, length],
      )
      if (!chunk) throw new Error(`Bytes of ${id} end before they should.`)
      yield chunk.bytes
    }
  },
}

async function writeChunks(
  id: string,
  bytes: AsyncIterable<Uint8Array>,
  limitBytes: number,
): Promise<{ size: number; sha256: string }> {
  const hash = createHash('sha256')
  let size = 0
  let seq = 0
  let parts: Uint8Array[] = []
  let held = 0
  let writing: Promise<number> = Promise.resolve(0)
  const flush = async () => {
    const chunk = Buffer.concat(parts)
    parts = []
    held = 0
    await writing // one chunk is on its way while the next one fills; never more
    writing = execute(null, 'INSERT INTO blob_chunk (blob_id, seq, bytes) VALUES ($1, $2, $3)', [id, seq++, chunk])
    writing.catch(() => {
      /* thrown by the await of the next chunk or the last */
    })
  }
  for await (const part of bytes) {
    size += part.length
    if (size > limitBytes) throw new TooLarge()
    hash.update(part)
    for (let at = 0; at < part.length;) {
      const piece = part.subarray(at, at + CHUNK_BYTES - held)
      parts.push(piece)
      held += piece.length
      at += piece.length
      if (held === CHUNK_BYTES) await flush()
    }
  }
  if (held > 0) await flush()
  await writing
  return { size, sha256: hash.digest('hex') }
}

/**
 * Gives the bytes their hash; where the same content is in the plan already, that is used and the new copy dropped,
 * after `hand` heard of it.
 */
export async function settle(
  id: string,
  size: number,
  sha256: string,
  hand: (sameId: string) => Promise<void> = () => Promise.resolve(),
): Promise<StoredBlob> {
  const done = await execute(
    null,
    `UPDATE blob SET sha256 = decode($2, 'hex'), size = $3 WHERE id = $1
    AND NOT EXISTS (SELECT FROM blob b WHERE b.plan_id = blob.plan_id AND b.sha256 = decode($2, 'hex'))`,
    [id, sha256, size],
  ).catch((error: unknown) => {
    if (isUniqueViolation(error)) return 0
    throw error
  })
  if (done === 1) return { id, size, sha256 }
  const [same] = await rows<{ id: string }>(
    null,
    `SELECT same.id FROM blob b JOIN blob same ON same.plan_id = b.plan_id AND same.sha256 = decode($2, 'hex')
      WHERE b.id = $1`,
    [id, sha256],
  )
  if (!same) throw new Error('The stored bytes disappeared while they were compared.')
  await hand(same.id)
  await dropIncoming(id)
  return { id: same.id, size, sha256 }
}

/** Bytes of a broken upload; those already settled are never touched. */
async function dropIncoming(id: string): Promise<void> {
  await execute(null, 'DELETE FROM blob WHERE id = $1 AND sha256 IS NULL', [id])
}

/** Clears away what a killed server left half stored, which belongs to no upload; how many. */
export function dropStaleIncoming(now: Date): Promise<number> {
  return execute(
    null,
    `DELETE FROM blob b WHERE b.sha256 IS NULL AND b.created_at < $1::timestamptz - interval '2 days'
      AND NOT EXISTS (SELECT FROM upload u WHERE u.blob_id = b.id)`,
    [now],
  )
}

/** Those of the contents that are complete. */
export function blobsAmong(ids: readonly string[]): Promise<StoredBlob[]> {
  return rows<StoredBlob>(
    null,
    `SELECT id, size::float8 AS size, encode(sha256, 'hex') AS sha256 FROM blob WHERE id = ANY($1::uuid[])
      AND sha256 IS NOT NULL`,
    [ids],
  )
}
