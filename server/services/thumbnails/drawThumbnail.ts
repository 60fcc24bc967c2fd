import { hasThumbnail } from '../../../core/formats/index'
import type { ThumbnailClaim } from '../../db/sql/claims'
import { notifyHolders } from '../../db/sql/reading'
import { keepThumbnail, thumbnailAgain } from '../../db/sql/thumbnails'
import { contentOf, READING_LIMIT_BYTES } from '../reading/keepReading'
import type { Opened } from '../reading/openGuarded'
import { openGuarded } from '../reading/openGuarded'

/** Draws a document in a process of its own. */
export type Draw = (
  planId: string,
  extension: string,
  content: AsyncIterable<Uint8Array>,
  text: string,
) => Promise<Opened<{ ok: true; picture: Uint8Array } | { ok: false; reason: string }>>

/** Makes the small picture of a claimed content, or notes that there is none, and tells the windows. */
export async function drawThumbnail(claim: ThumbnailClaim, draw: Draw): Promise<void> {
  const { blobId, planId, extension, size, text } = claim
  const canBe = extension !== null && hasThumbnail(extension) && size > 0 && size <= READING_LIMIT_BYTES
  const guarded = canBe
    ? await openGuarded(blobId, 'thumbnail', () => draw(planId, extension, contentOf(claim), text))
    : null
  if (guarded?.kind === 'again') return thumbnailAgain(blobId)
  await keepThumbnail(
    blobId,
    claim.requestedAt,
    guarded?.kind === 'outcome' && guarded.outcome.ok ? Buffer.from(guarded.outcome.picture) : null,
  )
  await notifyHolders(blobId, 'thumbnail')
}
