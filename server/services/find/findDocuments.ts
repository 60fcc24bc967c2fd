import { fail } from '../../../core/errors'
import type { Asked, Ordered, Rule, SoughtWord, Spot } from '../../../core/find/index'
import { asksOnlyWithout, compile, isGroup, orderFound, parseQuery, QUERY_LIMIT, ruleOf, soughtIn, spotsOf } from '../../../core/find/index'
import type { FolderId } from '../../../core/ids'
import type { Passage, Sought } from '../../../core/text/index'
import { passageOf } from '../../../core/text/index'
import type { Hit } from '../../db/sql/find'
import { orderedPage, orderFacts } from '../../db/sql/find'
import { meaningsOf, tagsOf } from '../../db/sql/planRows'
import type { RegisterRow } from '../../db/sql/register'
import type { Actor } from '../actor'
import { LOCALE } from '../actor'
import { correctQuery } from './correct'
import { gatherHits, hitsAfter } from './gatherHits'
import type { Condition } from './many'
import { listNewest } from './newest'
import type { Ranking } from './rankHits'
import { lookUp, NOTHING_LOOKED_UP, rankScored } from './rankHits'
import { planTree, worldFor } from './world'

export interface FindAsked extends Asked {
  /** The last word is still being typed and counts as a beginning. */
  readonly typing: boolean
  /** Words that stand nowhere are not replaced by near ones. */
  readonly exact: boolean
  /** The open folder: what lies in it or below ranks higher. */
  readonly near: FolderId | null
  readonly cursor: Cursor | null
  readonly limit: number
}

/** How far a list was read: so many of those in order, then those before a moment. */
export type Cursor = { readonly at: number } | { readonly after: Hit }

export interface FoundDocument extends RegisterRow {
  /** Where its words stand, the best spot of each. */
  readonly why: readonly Spot[]
  /** Where the words stand inside; null when only the name has them. page is null where pages are not real ones. */
  readonly passage: (Passage & { readonly page: number | null; readonly scanned: boolean }) | null
  /** The heading it stands under when the list is grouped. */
  readonly group: string
}

export interface Found {
  readonly documents: readonly FoundDocument[]
  /** Exact up to countLimit; one more stands for "more than that". Only with the first page; null also where it was full before all were found. */
  readonly count: number | null
  readonly countLimit: number
  readonly sought: readonly Sought[]
  /** What was looked for instead of what was typed; null: exactly that. */
  readonly corrected: { readonly typed: string; readonly to: string; readonly q: string } | null
  readonly next: Cursor | null
}

const COUNT_LIMIT = 10_000
// Each hit of a phrase has to be looked at in its text, so fewer are counted.
const PHRASE_COUNT_LIMIT = 3000

/** Throws query.long, query.onlyWithout. */
export async function findDocuments(actor: Actor, asked: FindAsked): Promise<Found> {
  checkLength(asked.q)
  const found = await find(actor, asked)
  if (found.count !== 0 || asked.exact || asked.cursor !== null) return found
  const corrected = await correctQuery(actor.planId, asked.q)
  if (!corrected) return found
  const near = await find(actor, { ...asked, q: corrected.q, typing: false })
  return near.count === 0 ? found : { ...near, corrected }
}

export function checkLength(text: string): void {
  const length = [...text].length
  if (length > QUERY_LIMIT) fail('query.long', { length, limit: QUERY_LIMIT })
}

/** The whole rule of a search. Throws query.onlyWithout. */
export function askedRule(asked: Pick<FindAsked, 'q' | 'narrowing' | 'rule' | 'typing'>): Rule {
  if (asksOnlyWithout(asked)) fail('query.onlyWithout')
  return ruleOf(asked, asked)
}

async function find(actor: Actor, asked: FindAsked): Promise<Found> {
  const rule = askedRule(asked)
  const sought = soughtIn({ kind: 'all', rules: [parseQuery(asked.q, asked), ...(asked.rule ? [asked.rule] : [])] })
  const world = await worldFor(actor.planId, rule, new Date())
  const listed = asked.group !== 'none' || asked.sort === 'place' ? byPlan : asked.sort === 'best' && sought.length > 0 ? bestFirst : bySort
  return listed(actor, asked, { sought, condition: first => compile(rule, world, first), countLimit: hasPhrase(rule) ? PHRASE_COUNT_LIMIT : COUNT_LIMIT, isOneWord: isOneWord(rule) })
}

interface Search {
  readonly sought: readonly SoughtWord[]
  readonly condition: Condition
  readonly countLimit: number
  readonly isOneWord: boolean
}
type List = (actor: Actor, asked: FindAsked, search: Search) => Promise<Found>

/** The best of the hits first; behind those that are ranked, the others by their age. */
const bestFirst: List = async (actor, asked, { sought, condition, countLimit, isOneWord }) => {
  const after = asked.cursor !== null && 'after' in asked.cursor ? asked.cursor.after : null
  if (after) {
    const hits = await hitsAfter(actor.planId, condition, sought, after, asked.limit + 1)
    return reply(actor, sought, ungrouped(hits.slice(0, asked.limit).map(({ id }) => id)), { count: null, countLimit, next: hits.length > asked.limit ? { after: hits[asked.limit - 1] ?? after } : null })
  }
  const ranking: Ranking = { sought, near: asked.near, now: new Date().toISOString() }
  const at = offsetOf(asked)
  const { lead, others, inside, most, count } = await gatherHits(actor, { ranking, condition, isOneWord }, at + asked.limit)
  const { ranked, known } = await rankScored(actor, ranking, [...lead, ...others])
  const page = ranked.slice(at, at + asked.limit)
  const last = inside[most - 1]
  const next = at + asked.limit < ranked.length ? { at: at + asked.limit } : inside.length > most && last ? { after: last } : null
  return reply(actor, sought, ungrouped(page), { count: asked.cursor === null ? count : null, countLimit, next }, known)
}

/** By a value of theirs, among the newest hits when there are more than are counted. */
const bySort: List = async (actor, asked, { sought, condition, countLimit }) => {
  const at = offsetOf(asked)
  const order = asked.sort === 'best' || asked.sort === 'place' ? { sort: 'changed', descending: true } as const : { sort: asked.sort, descending: asked.descending }
  const { count, ids } = await listNewest(actor.planId, condition, countLimit + 1, newest => orderedPage(actor.planId, newest, order, { at, limit: asked.limit + 1 }, countLimit), found => found.count)
  return reply(actor, sought, ungrouped(ids.slice(0, asked.limit)), counted(asked, count, countLimit, at + ids.length))
}

/** In the order of the plan, or under headings. */
const byPlan: List = async (actor, asked, { sought, condition, countLimit }) => {
  const at = offsetOf(asked)
  const facts = await listNewest(actor.planId, condition, countLimit + 1, newest => orderFacts(actor.planId, newest, asked, countLimit + 1), found => found.length)
  const ordered = orderFound(await withColours(actor, asked, facts), asked, await orderOfPlan(actor, asked), LOCALE)
  return reply(actor, sought, ordered.slice(at, at + asked.limit), counted(asked, facts.length, countLimit, ordered.length))
}

const offsetOf = ({ cursor }: FindAsked): number => (cursor !== null && 'at' in cursor ? cursor.at : 0)

/** `end` is where the known list ends. */
function counted(asked: FindAsked, count: number, countLimit: number, end: number): Pick<Found, 'count' | 'countLimit' | 'next'> {
  const after = offsetOf(asked) + asked.limit
  return { count: asked.cursor === null ? count : null, countLimit, next: end > after ? { at: after } : null }
}

const ungrouped = (ids: readonly string[]): Ordered[] => ids.map(id => ({ id, group: '' }))

async function withColours(actor: Actor, { group }: FindAsked, facts: Awaited<ReturnType<typeof orderFacts>>) {
  if (group !== 'meaning') return facts
  const { meaningOf } = await planTree(actor.planId)
  return facts.map(fact => ({ ...fact, meaningId: fact.meaningId ?? (fact.folderId === null ? null : meaningOf(fact.folderId)) }))
}

async function orderOfPlan(actor: Actor, { sort, group }: FindAsked) {
  const byPlace = sort === 'place' || group === 'place'
  const [folders, meanings, tags] = await Promise.all([
    byPlace ? planTree(actor.planId).then(({ outline }) => outline() as readonly string[]) : [],
    group === 'meaning' ? meaningsOf(null, actor.planId).then(all => all.map(({ id }) => id as string)) : [],
    group === 'tag' ? tagsOf(null, actor.planId).then(all => [...all].sort((a, b) => a.folded.localeCompare(b.folded)).map(({ id }) => id as string)) : [],
  ])
  const order = (all: readonly string[]) => {
    const at = new Map(all.map((id, index) => [id, index]))
    return (id: string) => at.get(id) ?? all.length
  }
  return { folder: order(folders), meaning: order(meanings), tag: order(tags) }
}

/** Nothing but one word is asked. */
function isOneWord(rule: Rule): boolean {
  const [only, ...others] = isGroup(rule) ? rule.rules : [rule]
  return only?.kind === 'word' && others.length === 0 && (rule.kind === 'all' || rule.kind === 'word')
}

function hasPhrase(rule: Rule): boolean {
  return rule.kind === 'phrase' || (isGroup(rule) && rule.rules.some(hasPhrase))
}

/** `known` is what the order was made of; what is not in it is looked up. */
async function reply(actor: Actor, sought: readonly SoughtWord[], page: readonly Ordered[], counted: Pick<Found, 'count' | 'countLimit' | 'next'>, known = NOTHING_LOOKED_UP): Promise<Found> {
  const ids = page.map(({ id }) => id)
  const { rowOf, factOf, pageOf } = await lookUp(actor, ids, sought, known)
  const groupOf = new Map(page.map(one => [one.id, one.group]))
  return {
    documents: ids.flatMap(id => rowOf.get(id) ?? []).map((document) => {
      const [best, fact] = [pageOf.get(document.id), factOf.get(document.id)]
      const passage = best ? passageOf(best.body, sought) : null
      return {
        ...document, group: groupOf.get(document.id) ?? '', why: fact ? spotsOf({ ...fact, page: passage ? best?.folded ?? '' : '', near: false }, sought) : [],
        passage: passage && best ? { ...passage, page: best.paged ? best.page : null, scanned: best.scanned } : null,
      }
    }),
    ...counted, sought, corrected: null,
  }
}
