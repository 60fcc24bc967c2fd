import { fail } from '../../../core/errors'
import { needsServerRendering } from '../../../core/formats/index'
import type { Actor } from '../actor'
import { READING_LIMIT_BYTES } from '../reading/keepReading'
import type { Opened } from '../reading/openGuarded'
import { openGuarded } from '../reading/openGuarded'
import { openContent } from './openContent'

/** Draws a page (from 1) in a process of its own. */
export type DrawPage = (
  planId: string,
  extension: string,
  content: AsyncIterable<Uint8Array>,
  page: number,
) => Promise<Opened<{ ok: true; picture: Uint8Array } | { ok: false; reason: string }>>

/**
 * A page (from 1) of a document that browsers do not show by themselves, as a PNG. `isSealed`: it is locked, and open
 * for who asks. Throws notFound, lock.closed, page.undrawn, server.busy.
 */
export async function drawDocumentPage(
  actor: Actor,
  id: string,
  page: number,
  version: number | null,
  draw: DrawPage,
): Promise<{ picture: Uint8Array; isSealed: boolean }> {
  const { blobId, extension, size, isSealed, read } = await openContent(actor, id, version)
  if (page < 1) fail('notFound')
  if (!needsServerRendering(extension)) fail('page.undrawn', { why: 'Only the pages of a TIFF are drawn.' })
  if (size === 0 || size > READING_LIMIT_BYTES)
    fail('page.undrawn', { why: size === 0 ? 'It is empty.' : 'It is larger than 64 MB; download it to look at it.' })
  const drawn = await openGuarded(blobId, `shown page ${page}`, () =>
    draw(actor.planId, extension, read(0, size - 1), page),
  )
  if (drawn.kind === 'again') fail('page.undrawn', { why: 'It broke its reader. Try it once more.' })
  if (drawn.kind === 'failed') fail('page.undrawn', { why: drawn.reason })
  return drawn.outcome.ok
    ? { picture: drawn.outcome.picture, isSealed }
    : fail('page.undrawn', { why: drawn.outcome.reason })
}
