// Folders that one act has made, marked for a while so that they are seen where they stand.

import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { FolderId } from '../../core/ids'

const MARKED_MS = 60_000
const NONE: ReadonlySet<FolderId> = new Set()

export const useJustMade = defineStore('justMade', () => {
  const ids = shallowRef(NONE)
  let ends: ReturnType<typeof setTimeout> | undefined

  /** Those marked before are no longer. */
  function mark(made: readonly FolderId[]): void {
    clearTimeout(ends)
    ids.value = new Set(made)
    ends = setTimeout(() => (ids.value = NONE), MARKED_MS)
  }

  return { ids, mark }
})
