// What changed in the plan since a draft began is taken into it, and said.

import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { BaseFolder } from '../../core/draft/index'
import { outlineText, rebaseDraft } from '../../core/draft/index'
import type { FolderId } from '../../core/ids'
import { useDraftText } from './draftText'

export const useDraftRebase = defineStore('draftRebase', () => {
  const draftText = useDraftText()
  /** The folders as they were when the draft was last brought up to the plan. */
  const base = shallowRef<readonly BaseFolder[]>([])
  const collisions = ref<readonly string[]>([])
  const taken = ref(0)

  /** True when the plan had changed. */
  function rebase(now: readonly BaseFolder[], rootId: FolderId | null): boolean {
    if (JSON.stringify(now) === JSON.stringify(base.value)) return false
    const rebased = rebaseDraft(draftText.lines(), base.value, now, rootId)
    base.value = now
    if (rebased.taken > 0 && outlineText(rebased.lines) !== draftText.text) draftText.hand(rebased.lines)
    taken.value += rebased.taken
    collisions.value = [...collisions.value, ...rebased.collisions]
    return true
  }

  /** What was taken over from the plan meanwhile has been read. */
  function dismiss(): void {
    collisions.value = []
    taken.value = 0
  }

  return { base, collisions, taken, rebase, dismiss }
})
