import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { ChangeEntry } from '../../contract/change'
import { readHistory } from '../api/changes'
import type { Remote } from './remote'
import { reasonOf } from './remote'

interface Loaded { readonly changes: readonly ChangeEntry[]; readonly next: number | null }

/** The list of everything done, newest first. */
export const useHistory = defineStore('history', () => {
  const loaded = shallowRef<Remote<Loaded>>({ state: 'idle' })
  const changes = computed(() => (loaded.value.state === 'ready' ? loaded.value.value.changes : []))
  const hasMore = computed(() => loaded.value.state === 'ready' && loaded.value.value.next !== null)

  async function load(): Promise<void> {
    if (loaded.value.state !== 'ready') loaded.value = { state: 'loading' }
    try {
      loaded.value = { state: 'ready', value: await readHistory(null) }
    }
    catch (error) {
      const reason = reasonOf(error)
      if (loaded.value.state !== 'ready') loaded.value = { state: 'error', reason }
    }
  }

  async function more(): Promise<void> {
    const present = loaded.value
    if (present.state !== 'ready' || present.value.next === null) return
    try {
      const page = await readHistory(present.value.next)
      loaded.value = { state: 'ready', value: { changes: [...present.value.changes, ...page.changes], next: page.next } }
    }
    catch (error) {
      reasonOf(error) // away: "show earlier" can be asked for again
    }
  }

  return { loaded, changes, hasMore, load, more }
})
