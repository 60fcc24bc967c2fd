// One wiring for every list of folders and documents: selection, keys, the menu, what is dragged, and what is offered
// where one types what to do.

import type { ComputedRef, Ref } from 'vue'
import { nextTick, ref, watch } from 'vue'
import { nameThings } from '../../core/change/index'
import { thingsOf } from '../../core/plan/index'
import type { Dragged } from '../composables/useDrag'
import { giveRowKeys } from '../composables/rowKeys'
import type { ListBehaviour, ListOptions } from '../composables/useList'
import { useList } from '../composables/useList'
import { useTrail } from '../stores/trail'
import type { OfferedAct, ThingItem } from './act'
import { useOffered } from './offered'
import { useTouchChoice } from './touchChoice'
import type { ThingHandlers } from './useThings'
import { useThings } from './useThings'

export interface MenuAt {
  readonly x: number
  readonly y: number
}

export interface ThingListOptions<I extends ThingItem>
  extends Omit<ListOptions<I>, 'items'>, Omit<ThingHandlers, 'rename'> {
  readonly items: ComputedRef<readonly I[]>
  /** Names one; without it the list itself is told by `renaming`. */
  readonly rename?: (item: ThingItem) => void
  /** A single document is dragged out to the desktop as this file. */
  readonly fileOf?: (item: ThingItem) => Dragged['file']
}

export interface ThingListBehaviour<I extends ThingItem> {
  readonly list: ListBehaviour<I>
  readonly acts: ComputedRef<readonly OfferedAct[]>
  /** The key of the one that is being named. */
  readonly renaming: Ref<string | null>
  /** Where the menu stands; null: it is closed. */
  readonly menuAt: Ref<MenuAt | null>
  openMenu: (key: string, event: MouseEvent) => void
  /** What is dragged with this one: the selection where it belongs to it. */
  dragged: (key: string) => Dragged
  /** Hears a key; true when it was taken. */
  press: (event: KeyboardEvent) => boolean
}

export function useThingList<I extends ThingItem>(options: ThingListOptions<I>): ThingListBehaviour<I> {
  const { items, fromFolderId = () => null, fileOf } = options
  const base = useList<I>(options)
  const renaming = ref<string | null>(null)
  const menuAt = ref<MenuAt | null>(null)
  // A name that was typed gives the keys back to its row.
  watch(renaming, async (now, before) => {
    if (now !== null || before === null) return
    await nextTick()
    if (document.activeElement === document.body) giveRowKeys(before)
  })
  // From the reader one comes back to the row.
  const trail = useTrail()
  watch(
    items,
    now => {
      const row = trail.left === null ? undefined : now.find(({ id }) => id === trail.left)
      if (!row) return
      trail.left = null
      if (document.activeElement === document.body) base.walk(row.key)
    },
    { immediate: true, flush: 'post' },
  )
  const { open, show, taken } = options
  const things = useThings(base.targetItems, {
    ...{ open, show, taken, fromFolderId },
    rename: options.rename ?? (item => (renaming.value = item.key)),
  })
  const touch = useTouchChoice(base, key => items.value.some(item => item.key === key), things.acts)
  const click = (key: string, event: MouseEvent | KeyboardEvent) => {
    if (!touch.tap(key)) base.click(key, event)
  }
  const list: ListBehaviour<I> = { ...base, click }
  const named = (kind: ThingItem['kind']) => list.targetItems.value.filter(item => item.kind === kind)
  useOffered(() => nameThings(named('folder'), named('document')), things.acts)

  /** At the pointer, or at the sign of the row; a long press of a finger chooses instead. */
  function openMenu(key: string, event: MouseEvent): void {
    if (event.type === 'contextmenu' && touch.isTouch(event)) return
    if (!list.selected.value.has(key)) list.click(key, event)
    menuAt.value = { x: event.clientX, y: event.clientY }
  }

  /** From the keyboard it stands at the row that has the focus. */
  function openMenuByKey(): boolean {
    const row = document.querySelector(`[data-key="${CSS.escape(list.focused.value ?? '')}"]`)?.getBoundingClientRect()
    if (row) menuAt.value = { x: row.left + MENU_INDENT, y: row.bottom }
    return row !== undefined
  }

  function dragged(key: string): Dragged {
    const mine = list.selected.value.has(key) ? list.selectedItems.value : items.value.filter(item => item.key === key)
    const only = mine.length === 1 ? mine[0] : undefined
    return { ...thingsOf(mine), fromFolderId: fromFolderId(), name: only?.name ?? '', file: only && fileOf?.(only) }
  }

  function press(event: KeyboardEvent): boolean {
    if (renaming.value !== null) return false
    if (event.key === 'ContextMenu' || (event.key === 'F10' && event.shiftKey)) return openMenuByKey()
    return things.press(event) || list.press(event)
  }

  return { list, acts: things.acts, renaming, menuAt, openMenu, dragged, press }
}

const MENU_INDENT = 40
