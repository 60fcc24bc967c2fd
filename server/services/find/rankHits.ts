// Puts hits in the order of core/find/rank, and keeps what it looked up for it, so that the reply need not look again.

import type { QueryTerm } from '../../../core/find/index'
import { scoreOf } from '../../../core/find/index'
import type { FolderId } from '../../../core/ids'
import { bucketOf, formsOf, isBeginningLocated, stemsOf } from '../../../core/text/index'
import { isInside } from '../../../core/tree/index'
import type { Hit, RankFacts } from '../../db/sql/find'
import { rankFacts } from '../../db/sql/find'
import type { BestPage, PageQuery } from '../../db/sql/bestPages'
import { bestPages } from '../../db/sql/bestPages'
import type { ListedDocument } from '../../db/sql/documentList'
import { documentsInOrder } from '../../db/sql/documentList'
import type { Actor } from '../actor'
import { planTree } from './matchContext'

/**
 * What is known of documents, and for those whose texts were looked into (`lookedInto`) the best page, where there is
 * one.
 */
export interface LookedUp {
  /** The rows that are shown. */
  readonly rowOf: ReadonlyMap<string, ListedDocument>
  readonly factOf: ReadonlyMap<string, RankFacts>
  readonly pageOf: ReadonlyMap<string, BestPage>
  readonly lookedInto: ReadonlySet<string>
}

export const NOTHING_LOOKED_UP: LookedUp = {
  rowOf: new Map(),
  factOf: new Map(),
  pageOf: new Map(),
  lookedInto: new Set(),
}
/** So many of the best are looked at in their text. */
export const LOOKED_INTO = 60

export interface Scored {
  readonly fact: RankFacts
  readonly score: number
  /** It is known to hold all words as they were typed. */
  readonly exact: boolean
}

export interface Ranking {
  readonly terms: readonly QueryTerm[]
  /** The open folder: what lies in it or below ranks higher. */
  readonly near: FolderId | null
  /** ISO 8601. */
  readonly now: string
}

/** Hits in the order of what is known of them without their texts, the best first. */
export async function scoreHits(
  actor: Actor,
  { terms, near, now }: Ranking,
  hits: readonly Hit[],
  exact: ReadonlySet<string>,
): Promise<Scored[]> {
  const ids = [...new Set(hits.map(({ id }) => id))]
  const [facts, isNear] = await Promise.all([
    ids.length > 0 ? rankFacts(actor.planId, ids, near !== null) : [],
    nearTo(actor, near),
  ])
  return inOrder(
    facts.map(fact => {
      const known = { near: isNear(fact.folderIds), exact: exact.has(fact.id) }
      return { fact, score: scoreOf({ ...fact, ...known, page: '' }, terms, now), exact: known.exact }
    }),
  )
}

/** Looks into the texts of the best of `scored` (best first), and puts these in order anew. */
export async function rankScored(
  actor: Actor,
  { terms, near, now }: Ranking,
  scored: readonly Scored[],
): Promise<{ ranked: string[]; known: LookedUp }> {
  const best = scored.slice(0, LOOKED_INTO)
  const factOf = new Map(scored.map(({ fact }) => [fact.id, fact]))
  const [known, isNear] = await Promise.all([
    lookUp(
      actor,
      best.map(({ fact }) => fact.id),
      terms,
      { ...NOTHING_LOOKED_UP, factOf },
    ),
    nearTo(actor, near),
  ])
  const again = inOrder(
    best.map(({ fact, exact }) => {
      const page = known.pageOf.get(fact.id)?.folded ?? ''
      return { fact, exact, score: scoreOf({ ...fact, page, near: isNear(fact.folderIds), exact }, terms, now) }
    }),
  )
  return { ranked: [...again, ...scored.slice(LOOKED_INTO)].map(({ fact }) => fact.id), known }
}

/** The best first, of equals the newest. */
export function inOrder(scored: readonly Scored[]): Scored[] {
  return [...scored].sort((a, b) => b.score - a.score || newestFirst(a.fact, b.fact))
}

/** What is not known yet of these documents, with what is: all at once, so that a list waits for one answer. */
export async function lookUp(
  actor: Actor,
  ids: readonly string[],
  terms: readonly QueryTerm[],
  known: LookedUp,
): Promise<LookedUp> {
  const unseen = ids.filter(id => !known.rowOf.has(id))
  const [unknown, closed] =
    terms.length === 0
      ? [[], []]
      : [ids.filter(id => !known.factOf.has(id)), ids.filter(id => !known.lookedInto.has(id))]
  const [documents, facts, pages] = await Promise.all([
    unseen.length > 0 ? documentsInOrder(actor.planId, unseen) : [],
    unknown.length > 0 ? rankFacts(actor.planId, unknown, false) : [],
    closed.length > 0 ? bestPages(actor.planId, closed, pageQueryOf(terms)) : [],
  ])
  return {
    rowOf: withAll(known.rowOf, documents),
    factOf: withAll(known.factOf, facts),
    pageOf: withAll(known.pageOf, pages),
    lookedInto: new Set([...known.lookedInto, ...closed]),
  }
}

function withAll<T extends { readonly id: string }>(
  known: ReadonlyMap<string, T>,
  found: readonly T[],
): ReadonlyMap<string, T> {
  return found.length === 0 ? known : new Map([...known, ...found.map(one => [one.id, one] as const)])
}

function newestFirst(a: RankFacts, b: RankFacts): number {
  if (a.changedAt !== b.changedAt) return a.changedAt < b.changedAt ? 1 : -1
  return a.id < b.id ? 1 : -1
}

async function nearTo(actor: Actor, near: FolderId | null): Promise<(folders: readonly FolderId[]) => boolean> {
  if (near === null) return () => false
  const { tree } = await planTree(actor.planId)
  return folders => folders.some(id => tree.byId.has(id) && isInside(tree, id, near))
}

/** Patterns of pages that hold a word, the beginning of one, or another form of it. */
function patternsOf(terms: readonly QueryTerm[]): string[] {
  return terms.flatMap(({ text, prefix }) => [
    prefix ? `% ${text}%` : `% ${text} %`,
    ...stemsOf(text)
      .filter(stem => stem.length > 2 && !(prefix && stem.startsWith(text)))
      .map(stem => `% ${stem}%`),
  ])
}

// A word as it was typed counts for more than its beginning, and that for more than another form of it.
const [EXACT, BEGINNING, FORM] = [5, 4, 3]

function pageQueryOf(terms: readonly QueryTerm[]): PageQuery {
  const entries = terms.flatMap(({ text, prefix }, term) => [
    { entry: text, bucket: bucketOf(text), term, weight: EXACT, prefix: false },
    ...(prefix && isBeginningLocated(text)
      ? [{ entry: text, bucket: bucketOf(text), term, weight: BEGINNING, prefix: true }]
      : []),
    ...formsOf(text, null).map(entry => ({ entry, bucket: bucketOf(entry), term, weight: FORM, prefix: false })),
  ])
  return { patterns: patternsOf(terms), entries, phrase: `% ${terms.map(({ text }) => text).join(' ')}%` }
}
