// The acts on folders and documents that every list, menu and card offers, in one order.

import type { ComputedRef } from 'vue'
import { computed } from 'vue'
import type { ListedDocument } from '../../contract/document'
import { holdsOf } from '../../core/formats/index'
import type { FolderId, DocumentId } from '../../core/ids'
import type { Things } from '../../core/plan/index'
import { useActs } from '../stores/acts'
import { useDialogs } from '../stores/dialogs'
import { useHand } from '../stores/hand'
import type { ListItem } from './useList'

export interface FolderItem extends ListItem {
  readonly kind: 'folder'
  readonly id: FolderId
  readonly starred: boolean
  readonly extension?: undefined
}

export interface DocumentItem extends ListItem {
  readonly kind: 'document'
  readonly id: DocumentId
  readonly starred: boolean
  readonly extension?: string
}

export type ThingItem = FolderItem | DocumentItem

/** A document of a list. */
export const documentItem = ({ id, name, starred, extension }: ListedDocument): DocumentItem => ({
  key: `d:${id}`,
  kind: 'document',
  id,
  name,
  starred,
  extension,
})

/** Named for what a document holds. */
export const TAKE_OUT = {
  files: 'Unpack',
  messages: 'Make documents of its messages',
  attachments: 'Make documents of its attachments',
} as const

export function thingsOf(items: readonly ThingItem[]): Things {
  return {
    folderIds: items.flatMap(item => (item.kind === 'folder' ? [item.id] : [])),
    documentIds: items.flatMap(item => (item.kind === 'document' ? [item.id] : [])),
  }
}

export interface ThingAct {
  readonly name: string
  readonly key: string
  readonly run: () => void
}

export interface ThingHandlers {
  readonly open: (item: ThingItem) => void
  readonly rename: (item: ThingItem) => void
  /** Shows the thing at its place; left out where it is shown there already. */
  readonly show?: (item: ThingItem) => void
  /** The folder it is looked at in; null in the In-tray, at the top, and in lists from many places. */
  readonly fromFolderId: () => FolderId | null
}

export function useThings(
  targetItems: ComputedRef<readonly ThingItem[]>,
  handlers: ThingHandlers,
): { acts: ComputedRef<readonly ThingAct[]>; press: (event: KeyboardEvent) => boolean } {
  const store = useActs()
  const dialogs = useDialogs()
  const hand = useHand()

  const acts = computed<readonly ThingAct[]>(() => {
    const items = targetItems.value
    const [only] = items
    if (!only) return []
    const single = items.length === 1
    const on = !items.every(item => item.starred)
    return [
      ...(single ? [{ name: 'Open', key: 'Enter', run: () => handlers.open(only) }] : []),
      ...(single && handlers.show ? [{ name: 'Show in plan', key: 'G', run: () => handlers.show?.(only) }] : []),
      ...(single ? [{ name: 'Rename', key: 'F2', run: () => handlers.rename(only) }] : []),
      ...(!single && areDocuments(items) ? [renameTogether(items, dialogs)] : []),
      { name: 'Pick up', key: 'X', run: () => pickUp('move') },
      {
        name: 'Move to…',
        key: 'M',
        run: () => {
          dialogs.move = { ...thingsOf(items), fromFolderId: handlers.fromFolderId(), name: single ? only.name : '' }
        },
      },
      ...(areDocuments(items) ? [bundle(items, dialogs)] : []),
      ...(single ? takeOutOf(only, store) : []),
      {
        name: on ? 'Star' : 'Take star off',
        key: 'S',
        run: () => void store.act({ kind: 'star', ...thingsOf(items), on }),
      },
      { name: 'Put into Trash', key: 'Delete', run: () => void store.act({ kind: 'trash', ...thingsOf(items) }) },
    ]
  })

  function pickUp(way: 'move' | 'copy'): void {
    hand.pick(
      targetItems.value.map(item =>
        item.kind === 'document'
          ? { kind: item.kind, id: item.id, name: item.name, fromFolderId: handlers.fromFolderId() }
          : { kind: item.kind, id: item.id, name: item.name, fromFolderId: null },
      ),
      way,
    )
  }

  function press(event: KeyboardEvent): boolean {
    const isCarry = (event.ctrlKey || event.metaKey) && !event.shiftKey && !event.altKey && /^[xc]$/i.test(event.key)
    // Marked text is copied as text.
    if (isCarry && targetItems.value.length > 0 && (window.getSelection()?.toString() ?? '') === '') {
      pickUp(event.key.toLowerCase() === 'x' ? 'move' : 'copy')
      return true
    }
    if (event.ctrlKey || event.metaKey || event.altKey) return false
    const act = acts.value.find(candidate => candidate.key.toLowerCase() === event.key.toLowerCase())
    act?.run()
    return act !== undefined
  }

  return { acts, press }
}

const areDocuments = (items: readonly ThingItem[]) => items.every(item => item.kind === 'document')

function renameTogether(items: readonly ThingItem[], dialogs: ReturnType<typeof useDialogs>): ThingAct {
  return {
    name: 'Rename together…',
    key: 'F2',
    run: () => {
      dialogs.names = thingsOf(items).documentIds
    },
  }
}

function bundle(items: readonly ThingItem[], dialogs: ReturnType<typeof useDialogs>): ThingAct {
  return {
    name: 'Put into a bundle…',
    key: 'B',
    run: () => {
      dialogs.bundle = thingsOf(items).documentIds
    },
  }
}

/** What a document holds can be made documents of their own. */
function takeOutOf({ id, extension = '' }: ThingItem, acts: ReturnType<typeof useActs>): ThingAct[] {
  const holds = holdsOf(extension)
  return holds === null ? [] : [{ name: TAKE_OUT[holds], key: 'K', run: () => void acts.takeOut(id) }]
}
