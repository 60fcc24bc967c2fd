import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Found, FoundCounts, FoundDocument, Weighed } from '../../contract/find'
import type { FindMore, SearchQuery } from '../api/find'
import * as api from '../api/find'
import type { Remote } from './remote'
import { reasonOf } from './remote'

export interface Results extends Omit<Found, 'count'> { readonly count: number; readonly ms: number }
export interface FindAsked { readonly query: SearchQuery; readonly more: FindMore }

/** Results of the Find page; what is asked lives in its URL. */
export const useFind = defineStore('find', () => {
  const results = shallowRef<Remote<Results>>({ state: 'idle' })
  const lastAsked = ref<FindAsked | null>(null)
  /** How many of what is found are of which type and so on. */
  const counts = shallowRef<FoundCounts | null>(null)
  /** How much each rule finds alone; null where there are no rules. */
  const weighed = shallowRef<Weighed | null>(null)
  let asked = 0

  const documents = computed<readonly FoundDocument[]>(() => (results.value.state === 'ready' ? results.value.value.documents : []))

  async function run(query: SearchQuery, more: FindMore = {}): Promise<void> {
    const mine = ++asked
    lastAsked.value = { query, more }
    if (results.value.state !== 'ready') results.value = { state: 'loading' }
    const began = performance.now()
    try {
      const found = await api.find(query, more)
      if (mine !== asked) return
      results.value = { state: 'ready', value: { ...found, count: found.count ?? 0, ms: Math.round(performance.now() - began) } }
      void count(query, more, mine)
    }
    catch (error) {
      const reason = reasonOf(error)
      if (mine === asked) results.value = { state: 'error', reason }
    }
  }

  async function count(query: SearchQuery, more: FindMore, mine: number): Promise<void> {
    try {
      const [found, weights] = await Promise.all([api.countFound(query, more.typing ?? false), query.rule ? api.weigh(query) : null])
      if (mine !== asked) return
      counts.value = found
      weighed.value = weights
    }
    catch (error) {
      reasonOf(error) // the search itself says what is wrong
      if (mine === asked) counts.value = weighed.value = null
    }
  }

  async function more(): Promise<void> {
    const present = results.value
    if (present.state !== 'ready' || present.value.next === null || !lastAsked.value) return
    const mine = asked
    const cursor = present.value.next
    try {
      const found = await api.find(lastAsked.value.query, { ...lastAsked.value.more, cursor })
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
    if (lastAsked.value) await run(lastAsked.value.query, lastAsked.value.more)
  }

  function clear(): void {
    asked++
    lastAsked.value = null
    results.value = { state: 'idle' }
    counts.value = weighed.value = null
  }

  return { results, documents, counts, weighed, lastAsked, run, more, all, again, clear }
})
