// Puts hits in the order of core/find/rank, and keeps what it looked up for it, so that the reply need not look again.

import type { SoughtWord } from '../../../core/find/index'
import { scoreOf } from '../../../core/find/index'
import type { FolderId } from '../../../core/ids'
import { stemsOf } from '../../../core/text/index'
import { isInside } from '../../../core/tree/index'
import type { Hit, RankFacts } from '../../db/sql/find'
import { rankFacts } from '../../db/sql/find'
import type { BestPage } from '../../db/sql/reading'
import { bestPages } from '../../db/sql/reading'
import type { Actor } from '../actor'
import { planTree } from './world'

/** What is known of documents, and for those whose texts were looked into (`lookedInto`) the best page, where there is one. */
export interface LookedUp {
  readonly factOf: ReadonlyMap<string, RankFacts>
  readonly pageOf: ReadonlyMap<string, BestPage>
  readonly lookedInto: ReadonlySet<string>
}

export const NOTHING_LOOKED_UP: LookedUp = { factOf: new Map(), pageOf: new Map(), lookedInto: new Set() }
// So many of the best are looked at in their text.
const LOOKED_INTO = 60

/** The best first; `near` is the open folder. */
export async function rankHits(actor: Actor, near: FolderId | null, sought: readonly SoughtWord[], hits: readonly Hit[]): Promise<{ ranked: string[]; known: LookedUp }> {
  const facts = await rankFacts(actor.planId, [...new Set(hits.map(({ id }) => id))])
  const isNear = await nearTo(actor, near)
  const now = new Date().toISOString()
  const scored = (all: readonly RankFacts[], pageOf: LookedUp['pageOf']) => all
    .map(fact => ({ fact, score: scoreOf({ ...fact, page: pageOf.get(fact.id)?.folded ?? '', near: isNear(fact.folderIds) }, sought, now) }))
    .sort((a, b) => b.score - a.score || newestFirst(a.fact, b.fact)).map(({ fact }) => fact)
  const rough = scored(facts, new Map())
  const best = rough.slice(0, LOOKED_INTO)
  const known = await lookUp(actor, best.map(({ id }) => id), sought, { ...NOTHING_LOOKED_UP, factOf: new Map(facts.map(fact => [fact.id, fact])) })
  return { ranked: [...scored(best, known.pageOf), ...rough.slice(LOOKED_INTO)].map(({ id }) => id), known }
}

/** What is not known yet of these documents, with what is. */
export async function lookUp(actor: Actor, ids: readonly string[], sought: readonly SoughtWord[], known: LookedUp): Promise<LookedUp> {
  if (sought.length === 0) return known
  const [unknown, closed] = [ids.filter(id => !known.factOf.has(id)), ids.filter(id => !known.lookedInto.has(id))]
  const [facts, pages] = await Promise.all([unknown.length > 0 ? rankFacts(actor.planId, unknown) : [], closed.length > 0 ? bestPages(closed, patternsOf(sought)) : []])
  return {
    factOf: new Map([...known.factOf, ...facts.map(fact => [fact.id, fact] as const)]),
    pageOf: new Map([...known.pageOf, ...pages.map(page => [page.id, page] as const)]),
    lookedInto: new Set([...known.lookedInto, ...closed]),
  }
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
function patternsOf(sought: readonly SoughtWord[]): string[] {
  return sought.flatMap(({ text, prefix }) => [prefix ? `% ${text}%` : `% ${text} %`, ...stemsOf(text).filter(stem => stem.length > 2 && !(prefix && stem.startsWith(text))).map(stem => `% ${stem}%`)])
}
