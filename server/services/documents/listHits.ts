import { fail } from '../../../core/errors'
import { parseQuery, termsIn } from '../../../core/find/index'
import type { PartName } from '../../../core/text/index'
import { marksIn, stemsOf } from '../../../core/text/index'
import { documentById } from '../../db/sql/documentFacts'
import { pagesLike } from '../../db/sql/reading'
import type { Actor } from '../actor'
import { lockOfBytes } from '../locks/openLocks'
import { checkLength } from '../find/findDocuments'

const PAGES_LIMIT = 500

/**
 * The pages, or other parts, of a document on which the words of a search stand, with how many times. Throws notFound,
 * query.long.
 */
export async function listHits(
  actor: Actor,
  id: string,
  q: string,
): Promise<{ pages: (PartName & { page: number; count: number })[] }> {
  checkLength(q)
  const document = (await documentById(actor.planId, id)) ?? fail('notFound')
  const terms = termsIn(parseQuery(q, { typing: false }))
  if (terms.length === 0) return { pages: [] }
  const patterns = terms.flatMap(({ text }) => [
    `% ${text}%`,
    ...stemsOf(text)
      .filter(stem => stem.length > 2)
      .map(stem => `% ${stem}%`),
  ])
  // What was read from locked contents is not searched where it lies, since it lies there sealed.
  const lock = await lockOfBytes(actor, document.blobId)
  const pages = lock?.text?.pages ?? (await pagesLike(document.blobId, patterns, PAGES_LIMIT))
  return {
    pages: pages
      .map(({ page, kind, name, body }) => ({ page, kind, name, count: marksIn(body, terms).length }))
      .filter(({ count }) => count > 0),
  }
}
