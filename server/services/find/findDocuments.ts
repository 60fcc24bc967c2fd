import { fail } from '../../../core/errors'
import type { Filed, Rule, TypeGroup } from '../../../core/find/index'
import { compile, isOnlyWithout, parseQuery, QUERY_LIMIT, soughtIn } from '../../../core/find/index'
import type { FolderId, TagId } from '../../../core/ids'
import type { Origin } from '../../../core/rows/index'
import type { Passage, Sought } from '../../../core/text/index'
import { passageOf } from '../../../core/text/index'
import { branchOf, buildTree } from '../../../core/tree/index'
import type { FindQuery, Hit } from '../../db/sql/find'
import { collectInside, CONDITION_FROM, countFound, findNamed, walkInside } from '../../db/sql/find'
import { liveFoldersOf } from '../../db/sql/planRows'
import { bestPages } from '../../db/sql/reading'
import type { RegisterRow } from '../../db/sql/register'
import { documentsInOrder } from '../../db/sql/register'
import type { Actor } from '../actor'

export interface FindAsked {
  readonly text: string
  /** The last word is still being typed and counts as a beginning. */
  readonly typing: boolean
  readonly types: readonly TypeGroup[]
  /** undefined: everywhere; null: the In-tray. */
  readonly place: FolderId | null | undefined
  readonly changedFrom: string | null
  readonly changedBefore: string | null
  readonly starred: boolean
  /** Any of these ways in, any of these numbers of places; none: all. */
  readonly origins: readonly Origin[]
  readonly filed: readonly Filed[]
  /** All of these tags. */
  readonly tags: readonly TagId[]
  readonly after: Hit | null
  readonly limit: number
}

/** What narrows a search, without its words. */
export type Narrowing = Omit<FindAsked, 'text' | 'typing' | 'after' | 'limit'>

export interface FoundDocument extends RegisterRow {
  /** 0: all words in the name; 1: some; 2: only inside. */
  readonly rank: number
  /** Where the words stand inside; null when only the name has them. page is null where pages are not real ones. */
  readonly passage: (Passage & { readonly page: number | null }) | null
}

export interface Found {
  readonly documents: readonly FoundDocument[]
  /** Exact up to countLimit; one more stands for "more than that". Only with the first page. */
  readonly count: number | null
  readonly countLimit: number
  readonly sought: readonly Sought[]
  readonly next: Hit | null
}

const COUNT_LIMIT = 10_000
// Each hit of a phrase has to be looked at in its text, so fewer are counted.
const PHRASE_COUNT_LIMIT = 500
// From here on the newest documents are walked instead of collecting every hit.
const MANY = 1500

/** Throws query.long, query.onlyWithout. */
export async function findDocuments(actor: Actor, asked: FindAsked): Promise<Found> {
  const length = [...asked.text].length
  if (length > QUERY_LIMIT) fail('query.long', { length, limit: QUERY_LIMIT })
  const typed = parseQuery(asked.text, { typing: asked.typing })
  const rule: Rule = { kind: 'all', rules: [...(typed.kind === 'all' ? typed.rules : [typed]), ...filters(asked)] }
  if (isOnlyWithout(rule)) fail('query.onlyWithout')
  const below = await branchReader(actor, asked)
  const sought = soughtIn(typed)
  const query: FindQuery = { planId: actor.planId, condition: compile(rule, below, CONDITION_FROM), sought, after: asked.after, limit: asked.limit + 1 }
  const phrased = hasPhrase(rule)
  const [named, few] = await Promise.all([
    sought.length > 0 && asked.after?.rank !== 2 ? findNamed(query) : [],
    collectInside(query, phrased ? PHRASE_COUNT_LIMIT : MANY),
  ])
  const areMany = few.count > (phrased ? PHRASE_COUNT_LIMIT : MANY)
  const left = { ...query, limit: query.limit - named.length }
  const [inside, count] = areMany
    ? await Promise.all([
      left.limit > 0 ? walkInside(left) : [],
      phrased || asked.after !== null ? few.count : countFound(actor.planId, compile(rule, below, 2), COUNT_LIMIT),
    ])
    : [few.hits, few.count]
  // One hit more than asked for, where there is one: those with a word in the name, then those inside.
  const hits = [...named, ...inside].slice(0, query.limit)
  const page = hits.slice(0, asked.limit)
  return {
    documents: await withPassages(actor, page, sought),
    count: asked.after === null ? count : null,
    countLimit: phrased ? PHRASE_COUNT_LIMIT : COUNT_LIMIT,
    sought,
    next: hits.length > asked.limit ? (page.at(-1) ?? null) : null,
  }
}

function hasPhrase(rule: Rule): boolean {
  return rule.kind === 'phrase' || ('rules' in rule && rule.rules.some(hasPhrase))
}

/** The rules of what narrows a search, without the words. */
export function filters(asked: Narrowing): Rule[] {
  const rules: Rule[] = []
  if (asked.types.length > 0) rules.push({ kind: 'type', anyOf: asked.types })
  if (asked.place !== undefined) rules.push({ kind: 'place', folderId: asked.place, below: true })
  if (asked.changedFrom !== null || asked.changedBefore !== null) rules.push({ kind: 'changed', from: asked.changedFrom, before: asked.changedBefore })
  rules.push(...asked.tags.map((tagId): Rule => ({ kind: 'tag', tagId })))
  if (asked.starred) rules.push({ kind: 'star', on: true })
  if (asked.origins.length > 0) rules.push({ kind: 'origin', anyOf: asked.origins })
  if (asked.filed.length > 0) rules.push({ kind: 'filed', anyOf: asked.filed })
  return rules
}

async function branchReader(actor: Actor, asked: FindAsked): Promise<(id: FolderId) => FolderId[]> {
  if (!asked.place) return () => []
  const tree = buildTree(await liveFoldersOf(actor.planId))
  if (!tree.byId.has(asked.place)) fail('notFound')
  return id => branchOf(tree, id).map(folder => folder.id)
}

async function withPassages(actor: Actor, hits: readonly Hit[], sought: readonly Sought[]): Promise<FoundDocument[]> {
  const patterns = sought.map(({ text, prefix }) => (prefix ? `% ${text}%` : `% ${text} %`))
  const ids = hits.map(hit => hit.id)
  const [facts, pages] = await Promise.all([documentsInOrder(actor.planId, ids), patterns.length === 0 ? [] : bestPages(ids, patterns)])
  const pageOf = new Map(pages.map(page => [page.id, page]))
  const rankOf = new Map(hits.map(hit => [hit.id, hit.rank]))
  return facts.map((document) => {
    const page = pageOf.get(document.id)
    const passage = page ? passageOf(page.body, sought) : null
    return { ...document, rank: rankOf.get(document.id) ?? 2, passage: passage && page ? { ...passage, page: page.paged ? page.page : null } : null }
  })
}
