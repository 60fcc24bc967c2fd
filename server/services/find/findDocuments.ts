import { fail } from '../../../core/errors'
import type { SearchQuery, Ordered, Rule, QueryTerm } from '../../../core/find/index'
import {
  asksOnlyWithout,
  compile,
  exactly,
  findsForms,
  hasAllInName,
  orderFound,
  parseQuery,
  QUERY_LIMIT,
  ruleOf,
  termsIn,
  timeInWords,
} from '../../../core/find/index'
import type { FolderId } from '../../../core/ids'
import { orderedPage, orderFacts } from '../../db/sql/findOrdered'
import type { Actor } from '../actor'
import { LOCALE } from '../actor'
import { correctQuery } from './correct'
import type { Cursor, Found } from './foundReply'
import { reply } from './foundReply'
import { nearNames } from './nearNames'
import { gatherCandidates, hitsAfter } from './gatherCandidates'
import type { Condition } from './many'
import { listNewest } from './newest'
import type { Ranking } from './rankHits'
import { rankScored } from './rankHits'
import { matchContextFor } from './matchContext'
import { orderOfPlan, withColours } from './planOrder'
import { hasPhrase, isOneWord } from './ruleTraits'

export interface FindRequest extends SearchQuery {
  /** The last word is still being typed and counts as a beginning. */
  readonly typing: boolean
  /** Words that stand nowhere are not replaced by near ones. */
  readonly exact: boolean
  /** The open folder: what lies in it or below ranks higher. */
  readonly near: FolderId | null
  readonly cursor: Cursor | null
  readonly limit: number
}

const COUNT_LIMIT = 10_000
// Each hit of a phrase has to be looked at in its text, so fewer are counted.
const PHRASE_COUNT_LIMIT = 3000

/** Throws query.long, query.onlyWithout. */
export async function findDocuments(actor: Actor, request: FindRequest): Promise<Found> {
  checkLength(request.q)
  const found = await find(actor, request)
  if (found.count !== 0 || request.exact || request.cursor !== null) return found
  const timed = await findTimed(actor, request)
  if (timed) return timed
  const corrected = await correctQuery(actor.planId, request.q)
  if (!corrected) return found
  const near = await find(actor, { ...request, q: corrected.q, typing: false })
  return near.count === 0 ? found : { ...near, corrected: { ...corrected, rule: '' } }
}

/** What is of the time that some of the words say ("minutes nov 2025"); null where they say none, or nothing is. */
async function findTimed(actor: Actor, request: FindRequest): Promise<Found | null> {
  const said = timeInWords(request.q, new Date().toISOString())
  // A rule of the request keeps its parts where they are: each is counted by its place.
  if (!said || (request.rule !== null && request.rule.kind !== 'all')) return null
  const rule: Rule = { kind: 'all', rules: [...(request.rule?.rules ?? []), said.rule] }
  const found = await find(actor, { ...request, q: said.q, rule, typing: false })
  if (found.count === 0) return null
  const to = [said.q, said.time].filter(part => part !== '').join(' of ')
  return { ...found, corrected: { typed: said.typed, to, q: said.q, rule: JSON.stringify(rule) } }
}

export function checkLength(text: string): void {
  const length = [...text].length
  if (length > QUERY_LIMIT) fail('query.long', { length, limit: QUERY_LIMIT })
}

/** The whole rule of a search. Throws query.onlyWithout. */
export function ruleOfRequest(request: Pick<FindRequest, 'q' | 'facets' | 'rule' | 'typing'>): Rule {
  if (asksOnlyWithout(request)) fail('query.onlyWithout')
  return ruleOf(request, request)
}

async function find(actor: Actor, request: FindRequest): Promise<Found> {
  const rule = ruleOfRequest(request)
  const terms = termsIn({
    kind: 'all',
    rules: [parseQuery(request.q, request), ...(request.rule ? [request.rule] : [])],
  })
  const matchContext = await matchContextFor(actor.planId, rule, new Date())
  const listed =
    request.group !== 'none' || request.sort === 'place'
      ? byPlan
      : request.sort === 'best' && terms.length > 0
        ? bestFirst
        : bySort
  return listed(actor, request, {
    terms,
    condition: first => compile(rule, matchContext, first),
    exactCondition: findsForms(rule) ? first => compile(exactly(rule), matchContext, first) : null,
    countLimit: hasPhrase(rule) ? PHRASE_COUNT_LIMIT : COUNT_LIMIT,
    isOneWord: isOneWord(rule),
  })
}

interface Search {
  readonly terms: readonly QueryTerm[]
  readonly condition: Condition
  /** The same for the words as they were typed; null where no other forms are looked for. */
  readonly exactCondition: Condition | null
  readonly countLimit: number
  readonly isOneWord: boolean
}
type List = (actor: Actor, request: FindRequest, search: Search) => Promise<Found>

/** The best of the hits first; behind those that are ranked, the others by their age. */
const bestFirst: List = async (actor, request, { terms, condition, exactCondition, countLimit, isOneWord }) => {
  const after = request.cursor !== null && 'after' in request.cursor ? request.cursor.after : null
  if (after) {
    const hits = await hitsAfter(actor.planId, { condition, exactCondition }, terms, after, request.limit + 1)
    return reply(actor, terms, ungrouped(hits.slice(0, request.limit).map(({ id }) => id)), {
      count: null,
      countLimit,
      next: hits.length > request.limit ? { after: hits[request.limit - 1] ?? after } : null,
    })
  }
  const ranking: Ranking = { terms, near: request.near, now: new Date().toISOString() }
  const at = offsetOf(request)
  const { lead, others, inside, most, count } = await gatherCandidates(
    actor,
    { ranking, condition, exactCondition, isOneWord },
    at + request.limit,
  )
  // The best one has all words in its name, if any has.
  const isNamed = hasAllInName((lead[0] ?? others[0])?.fact.folded ?? '', terms)
  const finding = isNamed ? Promise.resolve([]) : nearNames(actor.planId, request)
  const [{ ranked: hits, known }, near] = await Promise.all([rankScored(actor, ranking, [...lead, ...others]), finding])
  const ranked = [...near, ...hits.filter(id => !near.includes(id))]
  const page = ranked.slice(at, at + request.limit)
  const last = inside[most - 1]
  const next =
    at + request.limit < ranked.length
      ? { at: at + request.limit }
      : inside.length > most && last
        ? { after: last }
        : null
  return reply(
    actor,
    terms,
    ungrouped(page),
    { count: request.cursor === null ? count : null, countLimit, next },
    known,
    at === 0 ? near.length : 0,
  )
}

/** By a value of theirs, among the newest hits when there are more than are counted. */
const bySort: List = async (actor, request, { terms, condition, countLimit }) => {
  const at = offsetOf(request)
  const order =
    request.sort === 'best' || request.sort === 'place'
      ? ({ sort: 'changed', descending: true } as const)
      : { sort: request.sort, descending: request.descending }
  const { count, ids } = await listNewest(
    actor.planId,
    condition,
    countLimit + 1,
    newest => orderedPage(actor.planId, newest, order, { at, limit: request.limit + 1 }, countLimit),
    found => found.count,
  )
  return reply(
    actor,
    terms,
    ungrouped(ids.slice(0, request.limit)),
    counted(request, count, countLimit, at + ids.length),
  )
}

/** In the order of the plan, or under headings. */
const byPlan: List = async (actor, request, { terms, condition, countLimit }) => {
  const at = offsetOf(request)
  const facts = await listNewest(
    actor.planId,
    condition,
    countLimit + 1,
    newest => orderFacts(actor.planId, newest, request, countLimit + 1),
    found => found.length,
  )
  const ordered = orderFound(
    await withColours(actor, request, facts),
    request,
    await orderOfPlan(actor, request),
    LOCALE,
  )
  return reply(
    actor,
    terms,
    ordered.slice(at, at + request.limit),
    counted(request, facts.length, countLimit, ordered.length),
  )
}

const offsetOf = ({ cursor }: FindRequest): number => (cursor !== null && 'at' in cursor ? cursor.at : 0)

/** `end` is where the known list ends. */
function counted(
  request: FindRequest,
  count: number,
  countLimit: number,
  end: number,
): Pick<Found, 'count' | 'countLimit' | 'next'> {
  const after = offsetOf(request) + request.limit
  return { count: request.cursor === null ? count : null, countLimit, next: end > after ? { at: after } : null }
}

const ungrouped = (ids: readonly string[]): Ordered[] => ids.map(id => ({ id, group: '' }))
