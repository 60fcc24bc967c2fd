// An office document as a PDF, kept for half an hour so that its pages can be fetched piece by piece. What is locked is
// not kept.

import { createHash } from 'node:crypto'
import { LRUCache } from 'lru-cache'
import { fail } from '../../../core/errors'
import { isOfficeDocument } from '../../../core/formats/index'
import type { Actor } from '../actor'
import { READING_LIMIT_BYTES } from '../reading/keepReading'
import type { Opened } from '../reading/openGuarded'
import { openGuarded } from '../reading/openGuarded'
import type { Content } from './openContent'
import { openContent } from './openContent'

/** Sets a document as pages, in processes of its own. */
export type SetAsPages = (
  extension: string,
  content: AsyncIterable<Uint8Array>,
) => Promise<Opened<{ ok: true; pdf: Uint8Array } | { ok: false; reason: string }>>

const MEGABYTE = 1024 * 1024
const KEPT = new LRUCache<string, Buffer>({
  maxSize: 96 * MEGABYTE,
  maxEntrySize: 32 * MEGABYTE,
  sizeCalculation: pdf => pdf.length || 1,
  ttl: 30 * 60_000,
})
/** What is being set at this moment: several requests for it wait for the same. */
const BEING_SET = new Map<string, Promise<Buffer>>()

/** Throws notFound, lock.closed, page.undrawn, server.busy. */
export async function readAsPages(
  actor: Actor,
  id: string,
  version: number | null,
  setAsPages: SetAsPages,
): Promise<Content> {
  const content = await openContent(actor, id, version)
  if (!isOfficeDocument(content.extension)) fail('page.undrawn', { why: 'Only office documents are set as pages.' })
  const pdf = content.isSealed ? await pagesOf(content, setAsPages) : await keptPagesOf(content, setAsPages)
  return {
    ...content,
    extension: 'pdf',
    mediaType: 'application/pdf',
    size: pdf.length,
    sha256: createHash('sha256').update(pdf).digest('hex'),
    async *read(start, end) {
      yield await Promise.resolve(pdf.subarray(start, end + 1))
    },
  }
}

async function keptPagesOf(content: Content, setAsPages: SetAsPages): Promise<Buffer> {
  const { blobId } = content
  const kept = KEPT.get(blobId)
  if (kept) return kept
  const present = BEING_SET.get(blobId)
  if (present) return present
  const begun = pagesOf(content, setAsPages)
  BEING_SET.set(blobId, begun)
  try {
    const pdf = await begun
    KEPT.set(blobId, pdf)
    return pdf
  } finally {
    BEING_SET.delete(blobId)
  }
}

async function pagesOf({ blobId, extension, size, read }: Content, setAsPages: SetAsPages): Promise<Buffer> {
  if (size === 0 || size > READING_LIMIT_BYTES)
    fail('page.undrawn', { why: size === 0 ? 'It is empty.' : 'It is larger than 64 MB; download it to look at it.' })
  const set = await openGuarded(blobId, 'pages', () => setAsPages(extension, read(0, size - 1)))
  if (set.kind === 'again') fail('page.undrawn', { why: 'It broke its reader. Try it once more.' })
  if (set.kind === 'failed') fail('page.undrawn', { why: set.reason })
  return set.outcome.ok ? Buffer.from(set.outcome.pdf) : fail('page.undrawn', { why: set.outcome.reason })
}
