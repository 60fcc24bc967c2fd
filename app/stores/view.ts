// How this window looks: kept in the browser, since it belongs to the person's screen and not to the plan.

import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import type { FolderId, MeaningId } from '../../core/ids'

export const THEMES = ['system', 'light', 'dark'] as const
export type ThemeChoice = (typeof THEMES)[number]

interface Kept { open: string[]; outlineWidth: number; cardWidth: number; outlineShown: boolean; cardShown: boolean; theme: ThemeChoice; /** Folders into which something went lately, the last first. */ recent: string[] }
const FIRST: Kept = { open: [], outlineWidth: 288, cardWidth: 292, outlineShown: true, cardShown: true, theme: 'system', recent: [] }
const RECENT = 6
const KEY = 'hembix.view'

export const useView = defineStore('view', () => {
  const kept = ref<Kept>(read())
  const open = ref(new Set<string>(kept.value.open))
  /** Meaning whose folders stay bright in the outline while all else is dimmed; null: nothing is dimmed. */
  const bright = ref<MeaningId | null>(null)

  watch([kept, open], () => localStorage.setItem(KEY, JSON.stringify({ ...kept.value, open: [...open.value] })), { deep: true })

  function setOpen(ids: readonly FolderId[], isOpen: boolean): void {
    const next = new Set(open.value)
    for (const id of ids) {
      if (isOpen) next.add(id)
      else next.delete(id)
    }
    open.value = next
  }

  function wentTo(ids: readonly FolderId[]): void {
    kept.value.recent = [...new Set([...ids, ...kept.value.recent])].slice(0, RECENT)
  }

  return { kept, open, bright, setOpen, wentTo }
})

function read(): Kept {
  try {
    return { ...FIRST, ...JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Kept> }
  }
  catch (error) {
    if (error instanceof SyntaxError) return FIRST
    throw error
  }
}
