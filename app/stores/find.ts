import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { FoundCounts, FoundDocument, RelaxedSearch, RuleCounts } from '../../contract/find'
import type { FindMore, SearchParams } from '../api/find'
import * as api from '../api/find'
import type { Remote } from './remote'
import { isPassing, refusalOf } from './remote'
import type { FindRequest, Results } from './searchResults'
import { meantBy, nextPages, upTo } from './searchResults'

export type { FindRequest, Results } from './searchResults'

/** How many are found; not known yet, or not to be known since the server is away. */
export type Counted = Pick<FoundCounts, 'count' | 'countLimit'> | 'counting' | 'unknown'

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

  const { more, all } = nextPages(results)

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
