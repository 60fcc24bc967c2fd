// How this window looks: saved in the browser, since it belongs to the person's screen and not to the plan.

import { useStorage } from '@vueuse/core'
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
export interface ViewSettings {
  readonly view: 'list' | 'grid'
  readonly group: FoundGroup
  readonly sort: Sort
  readonly descending: boolean
}
export const FIRST_SETTINGS: ViewSettings = { view: 'list', group: 'none', sort: 'name', descending: false }
// Those that were chosen longest ago are forgotten above this.
const SETTINGS_LIMIT = 500

interface Saved {
  open: string[]
  outlineWidth: number
  cardWidth: number
  outlineShown: boolean
  cardShown: boolean
  theme: ThemeChoice
  /** Folders into which something went lately, the last first. */
  recent: string[]
  /** By folder, those chosen last at the end. */
  looks: Record<string, ViewSettings>
  /** Of folders that were given no look of their own. */
  first: ViewSettings
  columns: readonly ShownColumn[]
}
const FIRST: Saved = {
  looks: {},
  first: FIRST_SETTINGS,
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

export const useView = defineStore('view', () => {
  // Each window has its own: what another one saves is seen by the next that is opened.
  const saved = useStorage<Saved>('hembix.view', FIRST, localStorage, {
    listenToStorageChanges: false,
    writeDefaults: false,
    serializer: { read: readSaved, write: JSON.stringify },
  })
  const open = ref(new Set<string>(saved.value.open))
  /** Meaning whose folders stay highlighted in the outline while all else is dimmed; null: nothing is dimmed. */
  const highlighted = ref<MeaningId | null>(null)

  watch(open, ids => {
    saved.value.open = [...ids]
  })

  function setOpen(ids: readonly FolderId[], isOpen: boolean): void {
    const next = new Set(open.value)
    for (const id of ids) {
      if (isOpen) next.add(id)
      else next.delete(id)
    }
    open.value = next
  }

  function settingsOf(place: string): ViewSettings {
    return saved.value.looks[place] ?? saved.value.first
  }

  function setSettings(place: string, settings: Partial<ViewSettings>): void {
    const { [place]: present = saved.value.first, ...others } = saved.value.looks
    saved.value.looks = Object.fromEntries([
      ...Object.entries(others).slice(1 - SETTINGS_LIMIT),
      [place, { ...present, ...settings }],
    ])
  }

  function wentTo(ids: readonly FolderId[]): void {
    saved.value.recent = [...new Set([...ids, ...saved.value.recent])].slice(0, RECENT)
  }

  return { saved, open, highlighted, setOpen, wentTo, settingsOf, setSettings }
})

/** What an older or newer version saved is passed over where it is not known. */
function readSaved(text: string): Saved {
  try {
    const stored = JSON.parse(text) as Partial<Saved>
    return {
      ...FIRST,
      ...stored,
      looks: knownSettings(stored.looks),
      first: knownSetting(stored.first),
      columns: readColumns(stored.columns),
    }
  } catch (error) {
    if (error instanceof SyntaxError) return FIRST
    throw error
  }
}

function knownSettings(
  settings: Partial<Record<string, Partial<ViewSettings>>> | undefined,
): Record<string, ViewSettings> {
  return Object.fromEntries(Object.entries(settings ?? {}).map(([place, one]) => [place, knownSetting(one)]))
}

const knownSetting = (one: Partial<ViewSettings> | undefined): ViewSettings => ({
  view: one?.view === 'grid' ? 'grid' : 'list',
  group: FOUND_GROUPS.find(group => group === one?.group) ?? 'none',
  sort: SORTS.find(sort => sort === one?.sort) ?? 'name',
  descending: one?.descending === true,
})
