import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { ChangeEntry } from '../../contract/change'
import type { HistoryRequest } from '../api/changes'
import { readHistory } from '../api/changes'
import type { Remote } from './remote'
import { refusalOf } from './remote'

interface Loaded {
  readonly changes: readonly ChangeEntry[]
  readonly next: number | null
}

/** What was done to one folder or document, newest first. */
export async function readStory(thing: string): Promise<readonly ChangeEntry[]> {
  return (await readHistory(null, { thing })).changes
}

/** The list of everything done, newest first. */
export const useHistory = defineStore('history', () => {
  const loaded = shallowRef<Remote<Loaded>>({ state: 'idle' })
  const changes = computed(() => (loaded.value.state === 'ready' ? loaded.value.value.changes : []))
  /** What is shown of it. */
  const request = shallowRef<HistoryRequest>({})
  let newest = 0
  const hasMore = computed(() => loaded.value.state === 'ready' && loaded.value.value.next !== null)

  async function load(): Promise<void> {
    const mine = ++newest
    if (loaded.value.state !== 'ready') loaded.value = { state: 'loading' }
    try {
      const value = await readHistory(null, request.value)
      if (mine === newest) loaded.value = { state: 'ready', value }
    } catch (error) {
      const reason = refusalOf(error)
      if (loaded.value.state !== 'ready') loaded.value = { state: 'error', reason }
    }
  }

  async function more(): Promise<void> {
    const present = loaded.value
    if (present.state !== 'ready' || present.value.next === null) return
    try {
      const page = await readHistory(present.value.next, request.value)
      loaded.value = {
        state: 'ready',
        value: { changes: [...present.value.changes, ...page.changes], next: page.next },
      }
    } catch (error) {
      refusalOf(error) // away: "show earlier" can be asked for again
    }
  }

  async function ask(wanted: HistoryRequest): Promise<void> {
    request.value = wanted
    await load()
  }

  return { loaded, changes, request, hasMore, load, ask, more }
})
