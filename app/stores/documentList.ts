// The documents of the place that is open, loaded a page at a time while scrolling.

import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { ListedDocument, Sort } from '../../contract/document'
import type { FoundDocument } from '../../contract/find'
import * as api from '../api/documents'
import { find } from '../api/find'
import { EMPTY_QUERY, printSearchQuery } from '../../core/find/index'
import type { FolderId } from '../../core/ids'
import type { Remote } from './remote'
import { isPassing, refusalOf } from './remote'
import type { ViewSettings } from './view'
import { FIRST_SETTINGS, useView } from './view'

const PAGE = 200
const MOST = 1000
// A search gives so many at once.
const FOUND_PAGE = 200
/** What has no place yet stands newest first. */
const IN_TRAY = 'in-tray'

/** `groups`: what each document stands under, by its id; empty where the list is not grouped. */
interface Loaded {
  readonly rows: readonly ListedDocument[]
  /** So many, from the beginning, are kept before the others. */
  readonly first: number
  readonly groups: ReadonlyMap<string, string>
  readonly next: string | null
}
const NO_GROUPS: ReadonlyMap<string, string> = new Map()

export const useDocumentList = defineStore('documentList', () => {
  /** A folder's id or "in-tray"; null while no place is open. */
  const place = ref<string | null>(null)
  const view = useView()
  const settings = computed<ViewSettings>(() =>
    place.value === null || place.value === IN_TRAY
      ? { ...FIRST_SETTINGS, sort: 'added', descending: true }
      : view.settingsOf(place.value),
  )
  const sort = computed<Sort>(() => settings.value.sort)
  const descending = computed(() => settings.value.descending)
  const loaded = shallowRef<Remote<Loaded>>({ state: 'idle' })
  let request = 0
  let loadingMore = false

  const rows = computed<readonly ListedDocument[]>(() =>
    loaded.value.state === 'ready' ? loaded.value.value.rows : [],
  )
  const hasMore = computed(() => loaded.value.state === 'ready' && loaded.value.value.next !== null)

  async function open(newPlace: string): Promise<void> {
    if (place.value === newPlace && loaded.value.state === 'ready') {
      await refresh()
      return
    }
    place.value = newPlace
    loaded.value = { state: 'loading' }
    await fetchFirst(PAGE)
  }

  /** By this column; by the same once more the other way round. */
  async function sortBy(column: Sort): Promise<void> {
    await setSettings({
      sort: column,
      descending:
        sort.value === column ? !descending.value : column === 'changed' || column === 'size' || column === 'added',
    })
  }

  /** Shows the open folder otherwise, from now on. */
  async function setSettings(change: Partial<ViewSettings>): Promise<void> {
    if (place.value === null || place.value === IN_TRAY) return
    view.setSettings(place.value, change)
    if (change.sort !== undefined || change.descending !== undefined || change.group !== undefined)
      await fetchFirst(PAGE)
  }

  /**
   * Loads what is loaded again, after something changed here or in another window. False when the server did not
   * answer.
   */
  async function refresh(): Promise<boolean> {
    return fetchFirst(Math.min(MOST, Math.max(PAGE, rows.value.length)))
  }

  /** A grouped list is a search for what lies in the folder: the headings are made where those of a search are. */
  async function read(folder: string, cursor: string | null, limit: number): Promise<Loaded> {
    const { group } = settings.value
    if (group === 'none') {
      const page = await api.readDocumentList({ folder, sort: sort.value, descending: descending.value, cursor, limit })
      return { rows: page.documents, first: page.first, groups: NO_GROUPS, next: page.next }
    }
    const rule = { kind: 'place', folderId: folder as FolderId, below: false } as const
    const query = printSearchQuery({
      ...EMPTY_QUERY,
      rule,
      group,
      sort: sort.value === 'type' ? 'name' : sort.value,
      descending: descending.value,
    })
    const documents: FoundDocument[] = []
    let next = cursor
    do {
      const page = await find(query, { cursor: next, limit: FOUND_PAGE })
      documents.push(...page.documents)
      next = page.next
    } while (next !== null && documents.length < limit)
    const groups = new Map(documents.map(document => [document.id, document.group]))
    return { rows: documents, first: 0, groups, next }
  }

  async function fetchFirst(limit: number): Promise<boolean> {
    if (place.value === null) return true
    const mine = ++request
    try {
      const page = await read(place.value, null, limit)
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
    const present = loaded.value
    if (present.state !== 'ready' || present.value.next === null || place.value === null || loadingMore) return false
    const mine = request
    loadingMore = true
    try {
      const page = await read(place.value, present.value.next, MOST)
      if (mine === request)
        loaded.value = {
          state: 'ready',
          value: {
            rows: [...present.value.rows, ...page.rows],
            first: present.value.first,
            groups: new Map([...present.value.groups, ...page.groups]),
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
    while (hasMore.value) if (!(await more())) return
  }

  /** Documents that are kept before the others of the folder. */
  const first = computed(
    () =>
      new Set<string>(
        loaded.value.state === 'ready' ? rows.value.slice(0, loaded.value.value.first).map(({ id }) => id) : [],
      ),
  )
  const groups = computed(() => (loaded.value.state === 'ready' ? loaded.value.value.groups : NO_GROUPS))

  const listed = { loaded, rows, first, groups, hasMore }
  return { place, settings, ...listed, setSettings, open, sortBy, refresh, more, all }
})
