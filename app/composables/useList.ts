// One behaviour for every list: click, Ctrl-click, Shift-click, check boxes, arrow keys, Ctrl+A,
// Space, Home and End, type to jump. What is done with the selection is the page's affair.

import type { ComputedRef, Ref } from 'vue'
import { computed } from 'vue'
import { LIST_KEYS, listKeys, typingJump } from './listKeys'
import { giveRowKeys, rowReached } from './rowKeys'
import type { ListItem, Selection } from './useSelection'
import { useSelection } from './useSelection'

export type { ListItem } from './useSelection'

type Chosen<I extends ListItem> = Pick<
  Selection<I>,
  'selected' | 'focused' | 'selectedItems' | 'toggle' | 'selectAll' | 'selectThese' | 'clear' | 'forget'
>

export interface ListBehaviour<I extends ListItem> extends Chosen<I> {
  /** The selection, or the focused item alone when nothing is selected. */
  readonly targetItems: ComputedRef<readonly I[]>
  click: (key: string, event: MouseEvent | KeyboardEvent) => void
  /** Handles a key; true when it did something. */
  press: (event: KeyboardEvent) => boolean
  focus: (key: string) => void
  /** The same by a key: it gets the focus of the browser too. */
  walk: (key: string) => void
  /** What the browser gave the focus to, as Tab does. */
  reached: (event: FocusEvent) => void
}

export interface ListOptions<I> {
  /** Items are shown in this order. */
  readonly items: Ref<readonly I[]>
  /** Brings an item into view. */
  readonly reveal?: (key: string) => void
  /** Loads what is not there yet, for End and Ctrl+A. */
  readonly loadAll?: () => Promise<void>
  /** Letters are jumps within the list; off where letters are commands. */
  readonly typing?: boolean
  /** How many items stand beside each other around this one; 1 in a list. */
  readonly across?: (index: number) => number
  /** Gives a row the focus of the browser. */
  readonly give?: (key: string) => void
}

export function useList<I extends ListItem>({
  items,
  reveal = () => {},
  loadAll = async () => {},
  typing = true,
  across = () => 1,
  give = giveRowKeys,
}: ListOptions<I>): ListBehaviour<I> {
  const indexByKey = computed(() => new Map(items.value.map((item, index) => [item.key, index])))
  const selection = useSelection(items, indexByKey, loadAll, give)
  const { focused, selectedItems } = selection
  const targetItems = computed(() =>
    selectedItems.value.length > 0 ? selectedItems.value : items.value.filter(item => item.key === focused.value),
  )

  function click(key: string, event: MouseEvent | KeyboardEvent): void {
    const isMore = event.ctrlKey || event.metaKey
    if (!(event.shiftKey && selection.reach(key, isMore))) {
      if (isMore) selection.toggle(key)
      else selection.only(key)
    }
    focused.value = key
  }

  function focus(key: string): void {
    focused.value = key
    reveal(key)
  }

  /** By a key: what is walked to is read aloud. */
  function walk(key: string): void {
    focus(key)
    give(key)
  }

  const keys = listKeys({ items, selection, loadAll, across, focus: walk })
  const jump = typingJump({ items, selection, focus: walk })

  function press(event: KeyboardEvent): boolean {
    if (event.altKey) return false // with Alt, keys are the page's
    const at = focused.value === null ? -1 : (indexByKey.value.get(focused.value) ?? -1)
    const isAll = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'a'
    const name = isAll ? (event.shiftKey ? 'Ctrl+Shift+A' : 'Ctrl+A') : event.key
    if (isListKey(name)) return keys[name](event, at)
    return typing && jump(event, at)
  }

  const { selected, toggle, selectAll, selectThese, clear, forget } = selection
  const chosen = { selected, focused, selectedItems, toggle, selectAll, selectThese, clear, forget }
  function reached(event: FocusEvent): void {
    const key = rowReached(event)
    if (focused.value === null && key !== null && indexByKey.value.has(key)) focused.value = key
  }

  return { ...chosen, targetItems, click, press, focus, walk, reached }
}

const isListKey = (name: string): name is keyof typeof LIST_KEYS => name in LIST_KEYS
