import { fail } from '../../../core/errors'
import { isDrawn } from '../../../core/formats/index'
import type { Actor } from '../actor'
import { READING_LIMIT_BYTES } from '../reading/keepReading'
import { openContent } from './openContent'

/** Draws a page (from 1) of these bytes; never throws for what is wrong with them. */
export type DrawPage = (extension: string, bytes: Buffer, page: number) => Promise<{ ok: true; picture: Uint8Array } | { ok: false; reason: string }>

/** A page (from 1) of a document that browsers do not show by themselves, as a PNG. Throws notFound, page.undrawn. */
export async function drawDocumentPage(actor: Actor, id: string, page: number, version: number | null, draw: DrawPage): Promise<Uint8Array> {
  const { extension, size, read } = await openContent(actor, id, version)
  if (page < 1) fail('notFound')
  if (!isDrawn(extension)) fail('page.undrawn', { why: 'Only the pages of a TIFF are drawn.' })
  if (size === 0 || size > READING_LIMIT_BYTES) fail('page.undrawn', { why: size === 0 ? 'It is empty.' : 'It is larger than 64 MB; download it to look at it.' })
  const parts: Buffer[] = []
  for await (const part of read(0, size - 1)) parts.push(part)
  const drawn = await draw(extension, Buffer.concat(parts), page)
  return drawn.ok ? drawn.picture : fail('page.undrawn', { why: drawn.reason })
}
