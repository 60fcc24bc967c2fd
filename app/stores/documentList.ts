// The documents of the place that is open, loaded a page at a time while scrolling.

import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Sort } from '../../contract/document'
import type { FoundDocument } from '../../contract/find'
import * as api from '../api/documents'
import { find } from '../api/find'
import { EMPTY_QUERY, printSearchQuery } from '../../core/find/index'
import type { FolderId } from '../../core/ids'
import type { LoadedPages } from './pagedList'
import { NO_GROUPS, pagedList } from './pagedList'
import type { ViewSettings } from './view'
import { FIRST_SETTINGS, useView } from './view'

const PAGE = 200
// A search gives so many at once.
const FOUND_PAGE = 200
/** What has no place yet stands newest first. */
const IN_TRAY = 'in-tray'

/** A grouped list is a search for what lies in the folder: the headings are made where those of a search are. */
async function readGrouped(
  folder: string,
  { sort, descending, group }: ViewSettings,
  cursor: string | null,
  limit: number,
): Promise<LoadedPages> {
  const rule = { kind: 'place', folderId: folder as FolderId, below: false } as const
  const query = printSearchQuery({ ...EMPTY_QUERY, rule, group, sort: sort === 'type' ? 'name' : sort, descending })
  const documents: FoundDocument[] = []
  let next = cursor
  do {
    const page = await find(query, { cursor: next, limit: FOUND_PAGE })
    documents.push(...page.documents)
    next = page.next
  } while (next !== null && documents.length < limit)
  return { rows: documents, first: 0, groups: new Map(documents.map(({ id, group: head }) => [id, head])), next }
}

async function readPage(
  folder: string,
  settings: ViewSettings,
  cursor: string | null,
  limit: number,
): Promise<LoadedPages> {
  if (settings.group !== 'none') return readGrouped(folder, settings, cursor, limit)
  const { sort, descending } = settings
  const page = await api.readDocumentList({ folder, sort, descending, cursor, limit })
  return { rows: page.documents, first: page.first, groups: NO_GROUPS, next: page.next }
}

/** By this column, what is new and large first; by the same once more the other way round. */
export const sortedBy = ({ sort, descending }: ViewSettings, column: Sort): Partial<ViewSettings> => ({
  sort: column,
  descending: sort === column ? !descending : column === 'changed' || column === 'size' || column === 'added',
})

export const useDocumentList = defineStore('documentList', () => {
  /** A folder's id or "in-tray"; null while no place is open. */
  const place = ref<string | null>(null)
  const view = useView()
  const settings = computed<ViewSettings>(() =>
    place.value === null || place.value === IN_TRAY
      ? { ...FIRST_SETTINGS, sort: 'added', descending: true }
      : view.settingsOf(place.value),
  )
  const list = pagedList((cursor, limit) =>
    place.value === null ? null : readPage(place.value, settings.value, cursor, limit),
  )

  async function open(newPlace: string): Promise<void> {
    if (place.value === newPlace && list.loaded.value.state === 'ready') {
      await refresh()
      return
    }
    place.value = newPlace
    list.loaded.value = { state: 'loading' }
    await list.fetchFirst(PAGE)
  }

  /** Shows the open folder otherwise, from now on. */
  async function setSettings(change: Partial<ViewSettings>): Promise<void> {
    if (place.value === null || place.value === IN_TRAY) return
    view.setSettings(place.value, change)
    if (change.sort !== undefined || change.descending !== undefined || change.group !== undefined)
      await list.fetchFirst(PAGE)
  }

  /**
   * Loads what is loaded again, after something changed here or in another window. False when the server did not
   * answer.
   */
  const refresh = (): Promise<boolean> => list.fetchFirst(Math.max(PAGE, list.rows.value.length))

  const { loaded, rows, first, groups, more, all } = list
  return { place, settings, loaded, rows, first, groups, setSettings, open, refresh, more, all }
})
