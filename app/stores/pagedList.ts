// A list that is loaded a page at a time while one scrolls.

import { computed, shallowRef } from 'vue'
import type { ListedDocument } from '../../contract/document'
import type { Remote } from './remote'
import { isPassing, refusalOf } from './remote'

const MOST = 1000

/** `groups`: what each document stands under, by its id; empty where the list is not grouped. */
export interface LoadedPages {
  readonly rows: readonly ListedDocument[]
  /** So many, from the beginning, are kept before the others. */
  readonly first: number
  readonly groups: ReadonlyMap<string, string>
  readonly next: string | null
}
export const NO_GROUPS: ReadonlyMap<string, string> = new Map()

/** `read` gives a page of the place that is open; null while none is. */
export function pagedList(read: (cursor: string | null, limit: number) => Promise<LoadedPages> | null) {
  const loaded = shallowRef<Remote<LoadedPages>>({ state: 'idle' })
  let request = 0
  let loadingMore = false

  const ready = computed(() => (loaded.value.state === 'ready' ? loaded.value.value : null))
  const rows = computed(() => ready.value?.rows ?? [])
  const groups = computed(() => ready.value?.groups ?? NO_GROUPS)
  /** Documents that are kept before the others. */
  const first = computed(() => new Set<string>(rows.value.slice(0, ready.value?.first ?? 0).map(({ id }) => id)))

  /** From the beginning. False when the server did not answer. */
  async function fetchFirst(limit: number): Promise<boolean> {
    const reading = read(null, Math.min(MOST, limit))
    if (reading === null) return true
    const mine = ++request
    try {
      const page = await reading
      if (mine === request) loaded.value = { state: 'ready', value: page }
      return true
    } catch (error) {
      const reason = refusalOf(error)
      if (mine === request && loaded.value.state !== 'ready') loaded.value = { state: 'error', reason }
      return mine !== request || !isPassing(reason)
    }
  }

  /** Loads the next page; false when there is none. */
  async function more(): Promise<boolean> {
    const { value: present } = ready
    const reading = present === null || present.next === null || loadingMore ? null : read(present.next, MOST)
    if (present === null || reading === null) return false
    const mine = request
    loadingMore = true
    try {
      const page = await reading
      if (mine === request)
        loaded.value = {
          state: 'ready',
          value: {
            rows: [...present.rows, ...page.rows],
            first: present.first,
            groups: new Map([...present.groups, ...page.groups]),
            next: page.next,
          },
        }
      return true
    } catch (error) {
      refusalOf(error) // away: asked for again when the person scrolls on
      return false
    } finally {
      loadingMore = false
    }
  }

  /** Loads everything to the end, for "select all" and the End key. */
  async function all(): Promise<void> {
    while (await more());
  }

  return { loaded, rows, first, groups, fetchFirst, more, all }
}
