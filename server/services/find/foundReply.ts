// What a search answers: its documents with why they are found and the passage around it.

import type { Ordered, QueryTerm, Spot } from '../../../core/find/index'
import { spotsOf } from '../../../core/find/index'
import type { PartName, Passage, Term } from '../../../core/text/index'
import { passageOf } from '../../../core/text/index'
import type { BestPage } from '../../db/sql/bestPages'
import type { ListedDocument } from '../../db/sql/documentList'
import type { Hit } from '../../db/sql/find'
import type { Actor } from '../actor'
import { lookUp, NOTHING_LOOKED_UP } from './rankHits'

/** How far a list was read: so many of those in order, then those before a moment. */
export type Cursor = { readonly at: number } | { readonly after: Hit }

interface FoundDocument extends ListedDocument {
  /** Where its words stand, the best spot of each. */
  readonly why: readonly Spot[]
  /** Where the words stand inside; null when only the name has them. page is null where pages are not real ones. */
  readonly passage:
    (Passage & { readonly page: number | null; readonly part: PartName; readonly scanned: boolean }) | null
  /** The heading it stands under when the list is grouped. */
  readonly group: string
}

export interface Found {
  readonly documents: readonly FoundDocument[]
  /**
   * Exact up to countLimit; one more stands for "more than that". Only with the first page; null also where it was full
   * before all were found.
   */
  readonly count: number | null
  readonly countLimit: number
  readonly terms: readonly Term[]
  /** So many of the first are listed since their names are a slip away from what was typed. */
  readonly nearNames: number
  /** What was looked for instead of what was typed; null: exactly that. */
  readonly corrected: Readonly<Record<'typed' | 'to' | 'q' | 'rule', string>> | null
  readonly next: Cursor | null
}

/** `known` is what the order was made of; what is not in it is looked up. */
export async function reply(
  actor: Actor,
  terms: readonly QueryTerm[],
  page: readonly Ordered[],
  counted: Pick<Found, 'count' | 'countLimit' | 'next'>,
  known = NOTHING_LOOKED_UP,
  nearNames = 0,
): Promise<Found> {
  const ids = page.map(({ id }) => id)
  const { rowOf, factOf, pageOf } = await lookUp(actor, ids, terms, known)
  const groupOf = new Map(page.map(one => [one.id, one.group]))
  return {
    documents: ids
      .flatMap(id => rowOf.get(id) ?? [])
      .map(document => {
        const [best, fact] = [pageOf.get(document.id), factOf.get(document.id)]
        const passage = best ? passageOf(best.body, terms) : null
        return {
          ...document,
          group: groupOf.get(document.id) ?? '',
          why: fact ? spotsOf({ ...fact, page: passage ? (best?.folded ?? '') : '', near: false }, terms) : [],
          passage: passage && best ? passageIn(best, passage) : null,
        }
      }),
    ...counted,
    terms,
    nearNames,
    corrected: null,
  }
}

function passageIn({ kind, name, page, paged, scanned }: BestPage, passage: Passage) {
  return { ...passage, page: paged ? page : null, part: { kind, name }, scanned }
}
