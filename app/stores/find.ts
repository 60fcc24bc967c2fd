import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Found, FoundCounts, FoundDocument } from '../../contract/find'
import type { FindAsked } from '../api/find'
import * as api from '../api/find'
import type { Remote } from './remote'
import { reasonOf } from './remote'

export interface Results { readonly documents: readonly FoundDocument[]; readonly count: number; readonly countLimit: number; readonly sought: Found['sought']; readonly next: string | null; readonly ms: number }

/** Results of the Find page; what is asked lives in its URL. */
export const useFind = defineStore('find', () => {
  const results = shallowRef<Remote<Results>>({ state: 'idle' })
  const lastAsked = ref<FindAsked | null>(null)
  /** How many of what is found are of which type and so on. */
  const counts = shallowRef<FoundCounts | null>(null)
  let asked = 0

  const documents = computed<readonly FoundDocument[]>(() => (results.value.state === 'ready' ? results.value.value.documents : []))

  async function run(query: FindAsked): Promise<void> {
    const mine = ++asked
    lastAsked.value = query
    if (results.value.state !== 'ready') results.value = { state: 'loading' }
    const began = performance.now()
    try {
      const found = await api.find(query)
      if (mine !== asked) return
      results.value = { state: 'ready', value: { ...found, count: found.count ?? 0, ms: Math.round(performance.now() - began) } }
      void count(query, mine)
    }
    catch (error) {
      const reason = reasonOf(error)
      if (mine === asked) results.value = { state: 'error', reason }
    }
  }

  async function count(query: FindAsked, mine: number): Promise<void> {
    try {
      const found = await api.countFound(query)
      if (mine === asked) counts.value = found
    }
    catch (error) {
      reasonOf(error) // the search itself says what is wrong
      if (mine === asked) counts.value = null
    }
  }

  async function more(): Promise<void> {
    const present = results.value
    if (present.state !== 'ready' || present.value.next === null || !lastAsked.value) return
    const mine = asked
    try {
      const found = await api.find({ ...lastAsked.value, cursor: present.value.next })
      if (mine === asked) results.value = { state: 'ready', value: { ...present.value, documents: [...present.value.documents, ...found.documents], next: found.next } }
    }
    catch (error) {
      reasonOf(error) // away: asked for again when the person scrolls on
    }
  }

  async function again(): Promise<void> {
    if (lastAsked.value) await run(lastAsked.value)
  }

  function clear(): void {
    asked++
    lastAsked.value = null
    results.value = { state: 'idle' }
    counts.value = null
  }

  return { results, documents, counts, lastAsked, run, more, again, clear }
})
