// The lines of the draft that is open, which folder each of them is, and the numbering wanted for its top.

import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { DraftContent } from '../../contract/draft'
import type { DraftLine } from '../../core/draft/index'
import { linesOf, outlineText } from '../../core/draft/index'
import type { FolderId } from '../../core/ids'
import type { Numbering } from '../../core/numbering/index'

export const useDraftText = defineStore('draftText', () => {
  const text = ref('')
  const folderIds = shallowRef<readonly (FolderId | null)[]>([])
  const numbering = shallowRef<Numbering | null>(null)
  /** Content that the editor has to show in place of its own. */
  const handed = shallowRef<{ text: string; folderIds: readonly (FolderId | null)[] } | null>(null)

  const lines = (): DraftLine[] => linesOf(text.value, folderIds.value)

  /** Gives the editor other lines. */
  function hand(next: readonly DraftLine[]): void {
    text.value = outlineText(next)
    folderIds.value = next.map(line => line.folderId)
    handed.value = { text: text.value, folderIds: folderIds.value }
  }

  /** Takes what was kept of a draft. */
  function show(content: Pick<DraftContent, 'text' | 'folderIds' | 'numbering'>): void {
    numbering.value = content.numbering
    hand(linesOf(content.text, content.folderIds))
  }
  const kept = () => ({ text: text.value, folderIds: [...folderIds.value], numbering: numbering.value })

  /** The editor says what stands there now; false when it is what was known. */
  function write(next: string, ids: readonly (FolderId | null)[]): boolean {
    if (next === text.value && ids === folderIds.value) return false
    text.value = next
    folderIds.value = ids
    return true
  }

  function clear(): void {
    handed.value = null
    numbering.value = null
  }

  return { text, folderIds, numbering, handed, lines, hand, show, kept, write, clear }
})
