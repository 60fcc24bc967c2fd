// What was begun in a place by an act that may come from elsewhere, as from the outline: the page of the place or the
// shell carries it on.

import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { FolderId } from '../../core/ids'

export interface Choosing {
  readonly what: 'files' | 'folder'
  /** null: the In-tray. */
  readonly to: FolderId | null
}

export const usePlaceWork = defineStore('placeWork', () => {
  /** The place in which a new folder is being named; null: the top of the plan, undefined: none. */
  const naming = ref<FolderId | null | undefined>(undefined)
  /** Files of the desktop are to be chosen; the shell opens the browser's chooser. */
  const choosing = ref<Choosing | null>(null)
  return { naming, choosing }
})
