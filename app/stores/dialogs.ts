import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { NameClash } from '../../contract/document'
import type { DocumentId, FolderId } from '../../core/ids'
import type { RenumberMode, Things } from '../../core/plan/index'

export interface MoveAsked extends Things {
  readonly fromFolderId: FolderId | null
  /** Of the one thing that is moved; empty when there are several. */
  readonly name: string
}
export interface PlaceAsked {
  readonly title: string
  readonly suggested: readonly { readonly folderId: FolderId; readonly share: number }[]
  /** The first is the home. */
  readonly answer: (ids: FolderId[]) => void
}
export interface CompareAsked { readonly id: DocumentId; readonly name: string; readonly from: number; readonly to: number }
export type ClashAnswer = 'both' | 'version' | 'skip'

/** Which dialog is open, and what it is about. */
export const useDialogs = defineStore('dialogs', () => {
  const move = ref<MoveAsked | null>(null)
  /** The folder whose children are to be numbered; null inside stands for the top. */
  const numbering = ref<{ folderId: FolderId | null; renumber?: RenumberMode } | null>(null)
  const place = ref<PlaceAsked | null>(null)
  const compare = ref<CompareAsked | null>(null)
  /** Documents that are to be renamed together. */
  const names = ref<readonly DocumentId[] | null>(null)
  /** Where a link is to be kept, and what is known of it. */
  const link = ref<{ folderId: FolderId | null; address: string } | null>(null)
  const keys = ref(false)
  /** The folder that is to be merged into another. */
  const merge = ref<FolderId | null>(null)
  /** The colour key is being edited. */
  const colours = ref(false)
  const clash = ref<{ clashes: readonly NameClash[]; answer: (answers: ReadonlyMap<string, ClashAnswer> | null) => void } | null>(null)

  /** Asks what to do with files whose names are taken; null when the person cancels all. */
  function askClash(clashes: readonly NameClash[]): Promise<ReadonlyMap<string, ClashAnswer> | null> {
    return new Promise((resolve) => {
      clash.value = { clashes, answer: (answers) => { clash.value = null; resolve(answers) } }
    })
  }

  return { move, place, compare, names, link, numbering, keys, colours, merge, clash, askClash }
})
