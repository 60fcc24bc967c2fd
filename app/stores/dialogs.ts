import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { DocumentId, FolderId, GroupId, TagId } from '../../core/ids'
import type { RenumberMode, Things } from '../../core/plan/index'

export interface MoveRequest extends Things {
  readonly fromFolderId: FolderId | null
  /** Of the one thing that is moved; empty when there are several. */
  readonly name: string
}
export interface GatherRequest {
  readonly documentIds: readonly DocumentId[]
  /** Where they lie, and the new folder goes. */
  readonly folderId: FolderId
}
export interface PlaceRequest {
  readonly title: string
  readonly suggested: readonly { readonly folderId: FolderId; readonly share: number }[]
  /** The first is the home. */
  readonly answer: (ids: FolderId[]) => void
}
/** What a dialog is about. */
export type MeantThing =
  | { readonly kind: 'folder'; readonly id: FolderId; readonly name: string }
  | {
      readonly kind: 'document'
      readonly id: DocumentId
      readonly name: string
      /** As they were when it was opened, where they are known. */
      readonly tagIds?: readonly TagId[]
    }
/** What can be given. */
export type GiveTarget = MeantThing | { readonly kind: 'plan'; readonly id: string; readonly name: string }
export interface HandOutRequest {
  readonly documentIds: readonly DocumentId[]
  /** What the hand-out is called, unless another name is typed. */
  readonly name: string
  /** null: the first of the groups. */
  readonly groupId: GroupId | null
}
export interface CompareRequest {
  readonly id: DocumentId
  readonly name: string
  readonly from: number
  readonly to: number
}
/** Things that have to be answered before an act, in parts with the same choices. */
export interface Questions {
  readonly label: string
  readonly title: string
  /** What the button says that leaves everything undone. */
  readonly leave?: string
  readonly parts: readonly {
    readonly title: string
    readonly note?: string
    readonly choices: readonly { readonly value: string; readonly title: string }[]
    /** `first` is the answer it begins with, else the first choice; `not` are choices it does not have. */
    readonly rows: readonly {
      readonly key: string
      readonly name: string
      readonly note?: string
      readonly first?: string
      readonly not?: readonly string[]
    }[]
  }[]
}

/** Which dialog is open, and what it is about. */
export const useDialogs = defineStore('dialogs', () => {
  const move = ref<MoveRequest | null>(null)
  /** The folder whose children are to be numbered; null inside stands for the top. */
  const numbering = ref<{ folderId: FolderId | null; renumber?: RenumberMode } | null>(null)
  const gather = shallowRef<GatherRequest | null>(null)
  const place = ref<PlaceRequest | null>(null)
  const compare = ref<CompareRequest | null>(null)
  /** Documents that are to be renamed together. */
  const names = ref<readonly DocumentId[] | null>(null)
  /** Where a link is to be kept, and what is known of it. */
  const link = ref<{ folderId: FolderId | null; address: string } | null>(null)
  /** Documents that are to be put into a bundle. */
  const bundle = ref<readonly DocumentId[] | null>(null)
  const keys = ref(false)
  /** The field in which one types where to go or what to do. */
  const goTo = ref(false)
  /** A few words or a recording are taken down. */
  const jot = ref(false)
  /** Things that are to be tagged, or coloured; the one whose story is told. */
  const tag = shallowRef<readonly MeantThing[]>([])
  const colour = shallowRef<readonly MeantThing[]>([])
  const story = shallowRef<MeantThing | null>(null)
  /** What is to be given to others. */
  const give = shallowRef<readonly GiveTarget[]>([])
  /** What is to be somebody else's. */
  const handOver = shallowRef<GiveTarget | null>(null)
  /** Documents that are to be put into an area. */
  const area = shallowRef<readonly MeantThing[]>([])
  /** What is to be locked, and what is to be unlocked. */
  const lock = shallowRef<readonly MeantThing[]>([])
  const unlock = shallowRef<MeantThing | null>(null)
  /** What is to be handed out to a group. */
  const handOut = shallowRef<HandOutRequest | null>(null)
  /** The folder that is to be merged into another. */
  const merge = ref<FolderId | null>(null)
  /** The colour key is being edited. */
  const colours = ref(false)
  const questions = ref<{ request: Questions; answer: (answers: ReadonlyMap<string, string> | null) => void } | null>(
    null,
  )

  /** The answer for each row by its key; null when the person leaves it. */
  function ask(request: Questions): Promise<ReadonlyMap<string, string> | null> {
    return new Promise(resolve => {
      questions.value = {
        request,
        answer: answers => {
          questions.value = null
          resolve(answers)
        },
      }
    })
  }

  const ofThings = { move, gather, place, names, bundle, tag, colour, story, give, handOver, area, handOut, compare }
  const ofFolders = { link, numbering, merge, colours }
  const ofLocks = { lock, unlock }
  return { ...ofThings, ...ofFolders, ...ofLocks, keys, goTo, jot, questions, ask }
})
