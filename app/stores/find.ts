import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Found, FoundCounts, FoundDocument, RelaxedSearch, RuleCounts } from '../../contract/find'
import type { FindMore, SearchParams } from '../api/find'
import * as api from '../api/find'
import type { Remote } from './remote'
import { isPassing, refusalOf } from './remote'

export interface FindRequest {
  readonly query: SearchParams
  readonly more: FindMore
}
export interface Results extends Found {
  readonly ms: number
  /** What was asked. */
  readonly request: FindRequest
  /**
   * What was looked for, which is another where a typing error was forgiven, or words were meant as a time: the next
   * pages and the numbers are of this.
   */
  readonly effective: FindRequest
}

/** How many are found; not known yet, or not to be known since the server is away. */
export type Counted = Pick<FoundCounts, 'count' | 'countLimit'> | 'counting' | 'unknown'

function meantBy({ query, more }: FindRequest, { corrected }: Found): FindRequest {
  if (!corrected) return { query, more }
  const { q, rule } = corrected
  return { query: { ...query, q, ...(rule === '' ? {} : { rule }) }, more: { ...more, typing: false } }
}

const MOST_AT_ONCE = 200

/** A first page with the next ones, until `shown` are there. */
async function upTo(
  shown: number,
  first: Found,
  { query, more }: FindRequest,
  isWanted: () => boolean,
): Promise<Found> {
  let [documents, next] = [first.documents, first.next]
  while (next !== null && documents.length < shown && isWanted()) {
    const page: Found = await api.find(query, {
      ...more,
      cursor: next,
      limit: Math.min(MOST_AT_ONCE, shown - documents.length),
    })
    documents = [...documents, ...page.documents]
    next = page.next
  }
  return { ...first, documents, next }
}

/** Results of the Find page; what is asked lives in its URL. */
export const useFind = defineStore('find', () => {
  const results = shallowRef<Remote<Results>>({ state: 'idle' })
  const lastRequest = ref<FindRequest | null>(null)
  /** How many of what is found are of which type and so on. */
  const counts = shallowRef<FoundCounts | null>(null)
  const counted = shallowRef<Counted>('counting')
  /** How much each rule finds alone; null where there are no rules. */
  const ruleCounts = shallowRef<RuleCounts | null>(null)
  /** Where nothing is found: searches that ask for one thing less, and find something. */
  const relaxed = shallowRef<readonly RelaxedSearch[]>([])
  let request = 0

  const documents = computed<readonly FoundDocument[]>(() =>
    results.value.state === 'ready' ? results.value.value.documents : [],
  )

  async function run(query: SearchParams, more: FindMore = {}): Promise<void> {
    counted.value = 'counting'
    await runAgain(query, more, 0)
  }

  /** `shown`: at least so many are asked for, where there are as many. */
  async function runAgain(query: SearchParams, more: FindMore, shown: number): Promise<void> {
    const mine = ++request
    lastRequest.value = { query, more }
    if (results.value.state !== 'ready') results.value = { state: 'loading' }
    const began = performance.now()
    try {
      const found = await api.find(query, more)
      const ms = Math.round(performance.now() - began)
      const effective = meantBy({ query, more }, found)
      const shownAgain = await upTo(shown, found, effective, () => mine === request)
      if (mine !== request) return
      results.value = { state: 'ready', value: { ...shownAgain, ms, request: { query, more }, effective } }
      if (found.count !== null) counted.value = { count: found.count, countLimit: found.countLimit }
      relaxed.value = []
      if (found.count === 0) void relaxQuery({ query, more }, mine)
      void count(effective, mine)
    } catch (error) {
      const reason = refusalOf(error)
      if (mine === request) results.value = { state: 'error', reason }
    }
  }

  async function count({ query, more }: FindRequest, mine: number): Promise<void> {
    try {
      const [found, weights] = await Promise.all([
        api.countFound(query, more.typing ?? false),
        query.rule ? api.countPerRule(query) : null,
      ])
      if (mine !== request) return
      counts.value = found
      ruleCounts.value = weights
      counted.value = found
    } catch (error) {
      refusalOf(error) // the search itself says what is wrong
      if (mine !== request) return
      counts.value = ruleCounts.value = null
      if (counted.value === 'counting') counted.value = 'unknown'
    }
  }

  async function relaxQuery({ query, more }: FindRequest, mine: number): Promise<void> {
    try {
      const { relaxed: found } = await api.relaxQuery(query, more.typing ?? false)
      if (mine === request) relaxed.value = found
    } catch (error) {
      refusalOf(error) // nothing is offered then; the search itself says what is wrong
    }
  }

  let fetching: { readonly after: Results; readonly done: Promise<void> } | null = null

  /** The next page, asked for once however often it is wanted while it comes. */
  function more(): Promise<void> {
    const present = results.value.state === 'ready' ? results.value.value : null
    if (present === null || present.next === null) return Promise.resolve()
    if (fetching?.after !== present) fetching = { after: present, done: fetchAfter(present, present.next) }
    return fetching.done
  }

  async function fetchAfter(present: Results, cursor: string): Promise<void> {
    const isStill = () => results.value.state === 'ready' && results.value.value === present
    try {
      const found = await api.find(present.effective.query, { ...present.effective.more, cursor })
      if (isStill())
        results.value = {
          state: 'ready',
          value: { ...present, documents: [...present.documents, ...found.documents], next: found.next },
        }
    } catch (error) {
      refusalOf(error) // away: asked for again when the person scrolls on
      fetching = null
    }
  }

  /** Loads everything that is found, up to what the list can show. */
  async function all(limit: number): Promise<void> {
    while (results.value.state === 'ready' && results.value.value.next !== null && documents.value.length < limit) {
      const before = documents.value.length
      await more()
      if (documents.value.length === before) return
    }
  }

  /**
   * The same once more, since something changed: with as many as were shown, so that nothing moves under who has
   * scrolled down. False when the server did not answer.
   */
  async function again(): Promise<boolean> {
    if (!lastRequest.value) return true
    const shown = documents.value.length
    const { query, more: how } = lastRequest.value
    await runAgain(query, how, shown)
    return results.value.state !== 'error' || !isPassing(results.value.reason)
  }

  function clear(): void {
    request++
    lastRequest.value = null
    results.value = { state: 'idle' }
    counts.value = ruleCounts.value = null
    relaxed.value = []
  }

  return { results, documents, counts, counted, ruleCounts, relaxed, lastRequest, run, more, all, again, clear }
})
