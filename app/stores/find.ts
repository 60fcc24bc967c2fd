import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Found, FoundCounts, FoundDocument, Weighed } from '../../contract/find'
import type { FindMore, SearchQuery } from '../api/find'
import * as api from '../api/find'
import type { Remote } from './remote'
import { reasonOf } from './remote'

export interface FindAsked { readonly query: SearchQuery; readonly more: FindMore }
export interface Results extends Found {
  readonly ms: number
  /** What was asked. */
  readonly asked: FindAsked
  /** What was looked for, which is another where a typing error was forgiven: the next pages and the numbers are of this. */
  readonly meant: FindAsked
}

/** How many are found; not known yet, or not to be known since the server is away. */
export type Counted = Pick<FoundCounts, 'count' | 'countLimit'> | 'counting' | 'unknown'

function meantBy({ query, more }: FindAsked, { corrected }: Found): FindAsked {
  return corrected ? { query: { ...query, q: corrected.q }, more: { ...more, typing: false } } : { query, more }
}

/** Results of the Find page; what is asked lives in its URL. */
export const useFind = defineStore('find', () => {
  const results = shallowRef<Remote<Results>>({ state: 'idle' })
  const lastAsked = ref<FindAsked | null>(null)
  /** How many of what is found are of which type and so on. */
  const counts = shallowRef<FoundCounts | null>(null)
  const counted = shallowRef<Counted>('counting')
  /** How much each rule finds alone; null where there are no rules. */
  const weighed = shallowRef<Weighed | null>(null)
  let asked = 0

  const documents = computed<readonly FoundDocument[]>(() => (results.value.state === 'ready' ? results.value.value.documents : []))

  async function run(query: SearchQuery, more: FindMore = {}): Promise<void> {
    counted.value = 'counting'
    await runAgain(query, more)
  }

  async function runAgain(query: SearchQuery, more: FindMore): Promise<void> {
    const mine = ++asked
    lastAsked.value = { query, more }
    if (results.value.state !== 'ready') results.value = { state: 'loading' }
    const began = performance.now()
    try {
      const found = await api.find(query, more)
      if (mine !== asked) return
      const meant = meantBy({ query, more }, found)
      results.value = { state: 'ready', value: { ...found, ms: Math.round(performance.now() - began), asked: { query, more }, meant } }
      if (found.count !== null) counted.value = { count: found.count, countLimit: found.countLimit }
      void count(meant, mine)
    }
    catch (error) {
      const reason = reasonOf(error)
      if (mine === asked) results.value = { state: 'error', reason }
    }
  }

  async function count({ query, more }: FindAsked, mine: number): Promise<void> {
    try {
      const [found, weights] = await Promise.all([api.countFound(query, more.typing ?? false), query.rule ? api.weigh(query) : null])
      if (mine !== asked) return
      counts.value = found
      weighed.value = weights
      counted.value = found
    }
    catch (error) {
      reasonOf(error) // the search itself says what is wrong
      if (mine !== asked) return
      counts.value = weighed.value = null
      if (counted.value === 'counting') counted.value = 'unknown'
    }
  }

  async function more(): Promise<void> {
    const present = results.value
    if (present.state !== 'ready' || present.value.next === null) return
    const mine = asked
    const { next: cursor, meant } = present.value
    try {
      const found = await api.find(meant.query, { ...meant.more, cursor })
      if (mine !== asked || results.value !== present) return
      results.value = { state: 'ready', value: { ...present.value, documents: [...present.value.documents, ...found.documents], next: found.next } }
    }
    catch (error) {
      reasonOf(error) // away: asked for again when the person scrolls on
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

  async function again(): Promise<void> {
    if (lastAsked.value) await runAgain(lastAsked.value.query, lastAsked.value.more)
  }

  function clear(): void {
    asked++
    lastAsked.value = null
    results.value = { state: 'idle' }
    counts.value = weighed.value = null
  }

  return { results, documents, counts, counted, weighed, lastAsked, run, more, all, again, clear }
})
