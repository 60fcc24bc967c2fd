// How this window looks: kept in the browser, since it belongs to the person's screen and not to the plan.

import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import type { Sort } from '../../contract/document'
import { SORTS } from '../../contract/document'
import type { FolderId, MeaningId } from '../../core/ids'
import { FOUND_GROUPS } from '../../core/find/index'
import type { FoundGroup } from '../../core/find/index'
import type { ShownColumn } from './columns'
import { FIRST_COLUMNS, readColumns } from './columns'

export const THEMES = ['system', 'light', 'dark'] as const
export type ThemeChoice = (typeof THEMES)[number]

/** How the documents of a folder are shown. */
export interface Look {
  readonly view: 'list' | 'grid'
  readonly group: FoundGroup
  readonly sort: Sort
  readonly descending: boolean
}
export const FIRST_LOOK: Look = { view: 'list', group: 'none', sort: 'name', descending: false }
// Looks that were chosen longest ago are forgotten above this.
const LOOKS = 500

interface Kept {
  open: string[]
  outlineWidth: number
  cardWidth: number
  outlineShown: boolean
  cardShown: boolean
  theme: ThemeChoice
  /** Folders into which something went lately, the last first. */
  recent: string[]
  /** By folder, those chosen last at the end. */
  looks: Record<string, Look>
  columns: readonly ShownColumn[]
}
const FIRST: Kept = {
  looks: {},
  columns: FIRST_COLUMNS,
  open: [],
  outlineWidth: 288,
  cardWidth: 292,
  outlineShown: true,
  cardShown: true,
  theme: 'system',
  recent: [],
}
const RECENT = 6
const KEY = 'hembix.view'

export const useView = defineStore('view', () => {
  const kept = ref<Kept>(read())
  const open = ref(new Set<string>(kept.value.open))
  /** Meaning whose folders stay bright in the outline while all else is dimmed; null: nothing is dimmed. */
  const bright = ref<MeaningId | null>(null)

  watch([kept, open], () => localStorage.setItem(KEY, JSON.stringify({ ...kept.value, open: [...open.value] })), {
    deep: true,
  })

  function setOpen(ids: readonly FolderId[], isOpen: boolean): void {
    const next = new Set(open.value)
    for (const id of ids) {
      if (isOpen) next.add(id)
      else next.delete(id)
    }
    open.value = next
  }

  function lookOf(place: string): Look {
    return kept.value.looks[place] ?? FIRST_LOOK
  }

  function setLook(place: string, look: Partial<Look>): void {
    const { [place]: present = FIRST_LOOK, ...others } = kept.value.looks
    kept.value.looks = Object.fromEntries([
      ...Object.entries(others).slice(1 - LOOKS),
      [place, { ...present, ...look }],
    ])
  }

  function wentTo(ids: readonly FolderId[]): void {
    kept.value.recent = [...new Set([...ids, ...kept.value.recent])].slice(0, RECENT)
  }

  return { kept, open, bright, setOpen, wentTo, lookOf, setLook }
})

function read(): Kept {
  try {
    const stored = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Kept>
    return { ...FIRST, ...stored, looks: soundLooks(stored.looks), columns: readColumns(stored.columns) }
  } catch (error) {
    if (error instanceof SyntaxError) return FIRST
    throw error
  }
}

/** What an older or newer version kept is passed over where it is not known. */
function soundLooks(looks: Partial<Record<string, Partial<Look>>> | undefined): Record<string, Look> {
  return Object.fromEntries(
    Object.entries(looks ?? {}).map(([place, look]) => [
      place,
      {
        view: look?.view === 'grid' ? ('grid' as const) : ('list' as const),
        group: FOUND_GROUPS.find(group => group === look?.group) ?? 'none',
        sort: SORTS.find(sort => sort === look?.sort) ?? 'name',
        descending: look?.descending === true,
      },
    ]),
  )
}
