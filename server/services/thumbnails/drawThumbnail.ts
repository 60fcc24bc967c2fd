import { isSketched } from '../../../core/formats/index'
import { readWhole } from '../../db/blobStore'
import { notify } from '../../db/sql/journal'
import { documentsOfBlob } from '../../db/sql/reading'
import { keepThumbnail, sitterOf } from '../../db/sql/thumbnails'
import { READING_LIMIT_BYTES } from '../reading/keepReading'

/** Draws the bytes of a document; never throws for what is wrong with them. */
export type Draw = (extension: string, bytes: Buffer, text: string) => Promise<{ ok: true; picture: Uint8Array } | { ok: false; reason: string }>

/** Makes the small picture of one content, or notes that there is none, and tells the windows. */
export async function drawThumbnail(draw: Draw, blobId: string): Promise<void> {
  const sitter = await sitterOf(blobId)
  if (sitter?.state !== 'waiting') return
  const canBe = isSketched(sitter.extension) && sitter.size > 0 && sitter.size <= READING_LIMIT_BYTES
  const drawn = canBe ? await draw(sitter.extension, await readWhole(blobId, sitter.size), sitter.text) : null
  await keepThumbnail(blobId, sitter.askedAt, drawn?.ok ? Buffer.from(drawn.picture) : null)
  for (const { id, planId } of await documentsOfBlob(blobId)) await notify(null, { type: 'thumbnail', planId, documentId: id })
}
