// What was picked up and is carried about until it is put down. It survives going elsewhere and a reload;
// nothing of it has moved yet.

import { useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { newId } from '../../contract/newId'
import { computed, nextTick, ref } from 'vue'
import type { ClientCommand } from '../../contract/command'
import type { DocumentId, FolderId } from '../../core/ids'
import { useActs } from './acts'
import type { InHand } from './inHand'
import { useLastCopy } from './lastCopy'

export type PutDown = 'move' | 'copy' | 'file'

export const useHand = defineStore('hand', () => {
  const [acts, lastCopy] = [useActs(), useLastCopy()]
  const items = useStorage<readonly InHand[]>('hembix.hand', [], localStorage, {
    listenToStorageChanges: false,
    serializer: { read: readItems, write: JSON.stringify },
  })
  /** How it was picked up: what Ctrl+V does. */
  const way = ref<'move' | 'copy'>('move')
  /** Ctrl+V was pressed: the bar, which knows the place, puts down. */
  const wantsDown = ref(false)
  const refused = ref('')
  const ids = computed(() => new Set(items.value.map(({ id }) => id)))
  const documents = computed(() => items.value.filter(item => item.kind === 'document'))
  const documentIds = computed(() => documents.value.map(({ id }) => id))
  const folderIds = computed(() => items.value.filter(item => item.kind === 'folder').map(({ id }) => id))

  const holds = (id: DocumentId | FolderId): boolean => ids.value.has(id)

  /** Adds to what is in hand; something picked up twice is carried once. */
  function pick(more: readonly InHand[], how: 'move' | 'copy'): void {
    way.value = how
    refused.value = ''
    lastCopy.forget()
    items.value = [...items.value.filter(({ id }) => !more.some(other => other.id === id)), ...more]
  }

  function drop(id: string): void {
    items.value = items.value.filter(item => item.id !== id)
  }

  function empty(): void {
    items.value = []
    refused.value = ''
  }

  /** Puts everything down in one act and empties the hand; refused things stay in it. */
  async function putDown(how: PutDown, to: FolderId | null): Promise<void> {
    refused.value = ''
    const command = commandFor(how, to)
    if (!command) return
    const outcome = await acts.act(command, { quiet: true })
    if (outcome.ok) {
      if (how === 'copy') lastCopy.remember(items.value)
      empty()
    } else
      refused.value = outcome.reason.code === 'act.nothing' ? 'All of it lies here already.' : outcome.reason.message
  }

  /** Puts down what was copied last once more: into the hand, whose bar knows the place and puts it down. */
  async function putDownAgain(): Promise<void> {
    pick(lastCopy.items, 'copy')
    await nextTick()
    wantsDown.value = true
  }

  function commandFor(how: PutDown, to: FolderId | null): ClientCommand | null {
    const folders = folderIds.value
    if (how === 'file')
      return to === null
        ? null
        : {
            kind: 'document.file',
            documents: documentIds.value.map(id => ({ id, name: null })),
            folderIds: [to],
            tags: [],
          }
    if (how === 'copy')
      return {
        kind: 'document.copy',
        copies: documentIds.value.map(id => ({ id, newId: newId<DocumentId>() })),
        folders: folders.map(id => ({ id, newId: newId<FolderId>() })),
        folderId: to,
      }
    const froms = documents.value.map(({ id, fromFolderId }) => ({ documentId: id, folderId: fromFolderId }))
    return {
      kind: 'move',
      folderIds: folders,
      documentIds: documentIds.value,
      fromFolderId: null,
      toFolderId: to,
      froms,
      allowTwin: true,
    }
  }

  return { items, way, putDownAgain, wantsDown, refused, documentIds, folderIds, holds, pick, drop, empty, putDown }
})

function readItems(text: string): readonly InHand[] {
  try {
    const saved: unknown = JSON.parse(text)
    return Array.isArray(saved) ? (saved as InHand[]) : []
  } catch (error) {
    if (error instanceof SyntaxError) return []
    throw error
  }
}
