import { fail } from '../../../core/errors'
import { notifyWork } from '../../db/sql/notify'
import type { Thumbnail } from '../../db/sql/thumbnails'
import { pictureOf, wantThumbnails } from '../../db/sql/thumbnails'
import type { Actor } from '../actor'

/**
 * How far the small pictures of these documents are; those that nobody asked for yet are asked for. Documents that are
 * not there are left out.
 */
export async function askThumbnails(actor: Actor, documentIds: readonly string[]): Promise<Thumbnail[]> {
  const { thumbnails, wanted } = await wantThumbnails(actor.planId, documentIds)
  if (wanted > 0) await notifyWork(null)
  return thumbnails
}

/** A WebP. Throws notFound where there is none, or not yet. */
export async function thumbnailOf(actor: Actor, documentId: string): Promise<Buffer> {
  return (await pictureOf(actor.planId, documentId)) ?? fail('notFound')
}
