// The documents of the place that is open, loaded a page at a time while scrolling.

import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { RegisterRow, Sort } from '../../contract/document'
import * as api from '../api/documents'
import type { Remote } from './remote'
import { reasonOf } from './remote'

const PAGE = 200
const MOST = 1000
/** What has no place yet stands newest first. */
const IN_TRAY = 'in-tray'

interface Loaded { readonly rows: readonly RegisterRow[]; readonly next: string | null }

export const useRegister = defineStore('register', () => {
  /** A folder's id or "in-tray"; null while no place is open. */
  const place = ref<string | null>(null)
  const sort = ref<Sort>('name')
  const descending = ref(false)
  const loaded = shallowRef<Remote<Loaded>>({ state: 'idle' })
  let asked = 0
  let loadingMore = false

  const rows = computed<readonly RegisterRow[]>(() => (loaded.value.state === 'ready' ? loaded.value.value.rows : []))
  const hasMore = computed(() => loaded.value.state === 'ready' && loaded.value.value.next !== null)

  async function open(newPlace: string): Promise<void> {
    if (place.value === newPlace && loaded.value.state === 'ready') return refresh()
    place.value = newPlace
    if (newPlace === IN_TRAY) { sort.value = 'added'; descending.value = true }
    else if (sort.value === 'added') { sort.value = 'name'; descending.value = false }
    loaded.value = { state: 'loading' }
    await fetchFirst(PAGE)
  }

  async function sortBy(column: Sort): Promise<void> {
    if (sort.value === column) descending.value = !descending.value
    else {
      sort.value = column
      descending.value = column === 'changed' || column === 'size'
    }
    await fetchFirst(PAGE)
  }

  /** Loads what is loaded again, after something changed here or in another window. */
  async function refresh(): Promise<void> {
    await fetchFirst(Math.min(MOST, Math.max(PAGE, rows.value.length)))
  }

  async function fetchFirst(limit: number): Promise<void> {
    if (place.value === null) return
    const mine = ++asked
    try {
      const page = await api.readRegister({ folder: place.value, sort: sort.value, descending: descending.value, limit })
      if (mine === asked) loaded.value = { state: 'ready', value: { rows: page.documents, next: page.next } }
    }
    catch (error) {
      const reason = reasonOf(error)
      if (mine === asked && loaded.value.state !== 'ready') loaded.value = { state: 'error', reason }
    }
  }

  /** Loads the next page; false when there is none. */
  async function more(): Promise<boolean> {
    const present = loaded.value
    if (present.state !== 'ready' || present.value.next === null || place.value === null || loadingMore) return false
    const mine = asked
    loadingMore = true
    try {
      const page = await api.readRegister({ folder: place.value, sort: sort.value, descending: descending.value, cursor: present.value.next, limit: MOST })
      if (mine === asked) loaded.value = { state: 'ready', value: { rows: [...present.value.rows, ...page.documents], next: page.next } }
      return true
    }
    catch (error) {
      reasonOf(error) // away: asked for again when the person scrolls on
      return false
    }
    finally {
      loadingMore = false
    }
  }

  /** Loads everything to the end, for "select all" and the End key. */
  async function all(): Promise<void> {
    while (hasMore.value) if (!await more()) return
  }

  return { place, sort, descending, loaded, rows, hasMore, open, sortBy, refresh, more, all }
})
