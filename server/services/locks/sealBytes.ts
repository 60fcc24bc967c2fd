// Bytes are sealed, and opened again, where they lie: whatever knows them by their id goes on to do so.

import type { KeyObject } from 'node:crypto'
import { createHash } from 'node:crypto'
import { promisify } from 'node:util'
import { gunzip, gzip } from 'node:zlib'
import { CHUNK_BYTES } from '../../db/blobStore'
import type { Transaction } from '../../db/client'
import { blobs } from '../../db/models/blob'
import { blobChunks } from '../../db/models/blobChunk'
import { readings } from '../../db/models/reading'
import { sealedTexts } from '../../db/models/sealedText'
import { thumbnails } from '../../db/models/thumbnail'
import type { ToSeal } from '../../db/sql/locks'
import { forgetText, forgetTextWords, markOpen } from '../../db/sql/locks'
import type { NamedPage, Reading } from '../../db/sql/reading'
import { holdReading, pagesOf, readingOf } from '../../db/sql/reading'
import { openKey, openPiece, sealKey, sealPiece, TEXT_PIECE } from './envelope'

const [packed, unpacked] = [promisify(gzip), promisify(gunzip)]
const ALL_PAGES = 1_000_000

/** What was read from bytes before they were sealed. */
export interface SealedReading {
  readonly reading: Reading
  readonly pages: readonly NamedPage[]
}

/**
 * Before the plan is held: what is known of the words of these bytes, then words of the plan that may stand nowhere
 * else, which are forgotten. A reader that keeps words holds them in the same order.
 */
export async function holdWords(transaction: Transaction, planId: string, blobIds: readonly string[]): Promise<void> {
  for (const blobId of [...blobIds].sort()) await holdReading(transaction, blobId)
  await forgetTextWords(transaction, planId, blobIds)
}

/** Seals one content with the public key of its lock; what was read from it is sealed too, and forgotten in clear. */
export async function sealBytes(
  transaction: Transaction,
  planId: string,
  { blobId, lockId }: ToSeal,
  publicKey: Buffer,
): Promise<void> {
  const { key, seal } = sealKey(publicKey, blobId)
  const hash = createHash('sha256')
  for (let piece = 0; ; piece++) {
    const bytes = await pieceOf(transaction, blobId, piece)
    if (!bytes) break
    const sealed = sealPiece(key, blobId, piece, bytes)
    hash.update(sealed)
    await writePiece(transaction, blobId, piece, sealed)
  }
  const reading = await readingOf(blobId)
  if (reading?.state === 'read') {
    const read: SealedReading = { reading, pages: await pagesOf(blobId, 1, ALL_PAGES) }
    await sealedTexts().create({ blobId, bytes: await sealText(key, blobId, read) }, { transaction })
  }
  await forgetText(transaction, planId, blobId)
  // Of sealed bytes there are no two alike: the hash names these, and tells nothing of what they were.
  await blobs().update({ lockId, seal, sha256: hash.update(seal).digest() }, { where: { id: blobId }, transaction })
}

/** Takes the seal off one content for good. */
export async function unsealBytes(
  transaction: Transaction,
  { blobId, seal }: { readonly blobId: string; readonly seal: Buffer },
  privateKey: KeyObject,
): Promise<void> {
  const key = openKey(privateKey, seal, blobId)
  const hash = createHash('sha256')
  for (let piece = 0; ; piece++) {
    const sealed = await pieceOf(transaction, blobId, piece)
    if (!sealed) break
    const bytes = openPiece(key, blobId, piece, sealed)
    hash.update(bytes)
    await writePiece(transaction, blobId, piece, bytes)
  }
  const own = hash.copy().digest('hex')
  // The same bytes may have come in anew meanwhile: these keep a name of their own then.
  await markOpen(transaction, blobId, [own, hash.update(seal).digest('hex')])
  // It is read and drawn as if it had just come.
  await readings().destroy({ where: { blobId }, transaction })
  await thumbnails().destroy({ where: { blobId }, transaction })
  await sealedTexts().destroy({ where: { blobId }, transaction })
}

async function pieceOf(transaction: Transaction | null, blobId: string, seq: number): Promise<Buffer | undefined> {
  return (await blobChunks().findOne({ where: { blobId, seq }, transaction }))?.bytes
}

async function writePiece(transaction: Transaction, blobId: string, seq: number, bytes: Buffer): Promise<void> {
  await blobChunks().update({ bytes }, { where: { blobId, seq }, transaction })
}

/** The bytes from `start` up to and with `end`, as they were before they were sealed. */
export async function* readSealed(blobId: string, key: Buffer, start: number, end: number): AsyncGenerator<Buffer> {
  for (let piece = Math.floor(start / CHUNK_BYTES); piece * CHUNK_BYTES <= end; piece++) {
    const sealed = await pieceOf(null, blobId, piece)
    if (!sealed) throw new Error(`Bytes of ${blobId} end before they should.`)
    const from = Math.max(0, start - piece * CHUNK_BYTES)
    yield openPiece(key, blobId, piece, sealed).subarray(from, end - piece * CHUNK_BYTES + 1)
  }
}

/** What was read from bytes, as it is kept. */
export async function sealText(key: Buffer, blobId: string, read: SealedReading): Promise<Buffer> {
  return sealPiece(key, blobId, TEXT_PIECE, await packed(JSON.stringify(read)))
}

/** What was read from these bytes; null where nothing was. */
export async function readSealedText(blobId: string, key: Buffer): Promise<SealedReading | null> {
  const row = await sealedTexts().findByPk(blobId)
  if (!row) return null
  const json = await unpacked(openPiece(key, blobId, TEXT_PIECE, row.bytes))
  return JSON.parse(json.toString('utf8')) as SealedReading
}
