// One behaviour for every list: click, Ctrl-click, Shift-click, check boxes, arrow keys, Ctrl+A,
// Space, Home and End, type to jump. What is done with the selection is the page's affair.

import type { ComputedRef, Ref } from 'vue'
import { computed, ref, watch } from 'vue'

export interface ListItem {
  readonly key: string
  readonly name: string
}

export interface ListBehaviour<I extends ListItem> {
  readonly selected: Ref<ReadonlySet<string>>
  /** The item that keys act on; null when the list is empty or untouched. */
  readonly focused: Ref<string | null>
  readonly selectedItems: ComputedRef<readonly I[]>
  /** The selection, or the focused item alone when nothing is selected. */
  readonly targetItems: ComputedRef<readonly I[]>
  click: (key: string, event: MouseEvent | KeyboardEvent) => void
  toggle: (key: string) => void
  selectAll: () => void
  /** Selects exactly these; the last of them has the focus. */
  selectThese: (keys: ReadonlySet<string>) => void
  clear: () => void
  /** Nothing is selected, and keys act on nothing: what was looked at is looked at no more. */
  forget: () => void
  /** Handles a key; true when it did something. */
  press: (event: KeyboardEvent) => boolean
  focus: (key: string) => void
}

/** The keys of every list, and what they do: they are heard by this table and listed from it. */
export const LIST_KEYS = {
  ArrowDown: 'The next one; with Shift, select on the way',
  ArrowUp: 'The one before; with Shift, select on the way',
  ArrowRight: 'Among sheets, the one beside it',
  ArrowLeft: 'Among sheets, the one before it',
  PageDown: 'Ten further down',
  PageUp: 'Ten further up',
  Home: 'The first one',
  End: 'The last one',
  ' ': 'Select it, or not',
  Escape: 'Select nothing',
  'Ctrl+A': 'Select all',
  'Ctrl+Shift+A': 'Select what is not selected',
} as const

/** What is said of letters, where they are not commands. */
export const TYPING_JUMPS = 'Jump to a name, by typing how it begins'

const TYPING_MS = 900

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
}

export function useList<I extends ListItem>({
  items,
  reveal = () => {},
  loadAll = async () => {},
  typing = true,
  across = () => 1,
}: ListOptions<I>): ListBehaviour<I> {
  const selected = ref<ReadonlySet<string>>(new Set())
  const focused = ref<string | null>(null)
  let anchor: string | null = null
  let typed = ''
  let typedAt = 0

  const indexByKey = computed(() => new Map(items.value.map((item, index) => [item.key, index])))
  const selectedItems = computed(() => items.value.filter(item => selected.value.has(item.key)))
  const targetItems = computed(() =>
    selectedItems.value.length > 0 ? selectedItems.value : items.value.filter(item => item.key === focused.value),
  )

  watch(indexByKey, index => {
    const still = [...selected.value].filter(key => index.has(key))
    if (still.length !== selected.value.size) selected.value = new Set(still)
    if (focused.value !== null && !index.has(focused.value)) focused.value = null
  })

  function click(key: string, event: MouseEvent | KeyboardEvent): void {
    if (event.shiftKey && anchor !== null) selectRange(anchor, key, event.ctrlKey || event.metaKey)
    else if (event.ctrlKey || event.metaKey) toggle(key)
    else selectOnly(key)
    focused.value = key
  }

  function selectOnly(key: string): void {
    selected.value = new Set([key])
    anchor = key
  }

  function toggle(key: string): void {
    const next = new Set(selected.value)
    if (!next.delete(key)) next.add(key)
    selected.value = next
    anchor = key
    focused.value = key
  }

  function selectRange(from: string, to: string, keep: boolean): void {
    const [a, b] = [indexByKey.value.get(from), indexByKey.value.get(to)]
    if (a === undefined || b === undefined) return selectOnly(to)
    const range = items.value.slice(Math.min(a, b), Math.max(a, b) + 1).map(item => item.key)
    selected.value = new Set(keep ? [...selected.value, ...range] : range)
  }

  function selectAll(): void {
    void loadAll().then(() => {
      selected.value = new Set(items.value.map(item => item.key))
    })
  }

  function selectThese(keys: ReadonlySet<string>): void {
    selected.value = keys
    const last = [...keys].at(-1)
    if (last !== undefined) focused.value = last
  }

  function invert(): void {
    void loadAll().then(() => {
      selected.value = new Set(items.value.map(item => item.key).filter(key => !selected.value.has(key)))
    })
  }

  function clear(): void {
    selected.value = new Set()
    anchor = null
  }

  function forget(): void {
    clear()
    focused.value = null
  }

  function focus(key: string): void {
    focused.value = key
    reveal(key)
  }

  function go(index: number, event: KeyboardEvent): boolean {
    const item = items.value[Math.max(0, Math.min(items.value.length - 1, index))]
    if (!item) return false
    focus(item.key)
    if (event.shiftKey && anchor !== null) selectRange(anchor, item.key, false)
    else if (!event.ctrlKey && !event.metaKey) selectOnly(item.key)
    return true
  }

  type ListKey = keyof typeof LIST_KEYS
  const keys: Record<ListKey, (event: KeyboardEvent, at: number) => boolean> = {
    ArrowDown: (event, at) => go(at < 0 ? 0 : at + across(at), event),
    ArrowUp: (event, at) => go(at < 0 ? 0 : at - across(at), event),
    ArrowRight: (event, at) => at >= 0 && across(at) > 1 && go(at + 1, event),
    ArrowLeft: (event, at) => at > 0 && across(at) > 1 && go(at - 1, event),
    PageDown: (event, at) => go(at + 10, event),
    PageUp: (event, at) => go(Math.max(0, at - 10), event),
    Home: event => go(0, event),
    End: event => {
      void loadAll().then(() => go(items.value.length - 1, event))
      return true
    },
    ' ': () => {
      if (focused.value === null) return false
      toggle(focused.value)
      return true
    },
    Escape: () => {
      if (selected.value.size === 0) return false
      clear()
      return true
    },
    'Ctrl+A': () => {
      selectAll()
      return true
    },
    'Ctrl+Shift+A': () => {
      invert()
      return true
    },
  }

  function press(event: KeyboardEvent): boolean {
    if (event.altKey) return false // with Alt, keys are the page's
    const at = focused.value === null ? -1 : (indexByKey.value.get(focused.value) ?? -1)
    const isAll = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'a'
    const name = isAll ? (event.shiftKey ? 'Ctrl+Shift+A' : 'Ctrl+A') : event.key
    if (name in keys) return keys[name as ListKey](event, at)
    return typing && jump(event, at)
  }

  /** Letters typed quickly one after the other jump to the next item whose name begins so. */
  function jump(event: KeyboardEvent, at: number): boolean {
    if (event.key.length !== 1 || event.ctrlKey || event.metaKey || event.altKey || event.key === '/') return false
    typed = event.timeStamp - typedAt > TYPING_MS ? event.key : typed + event.key
    typedAt = event.timeStamp
    const from = typed.length === 1 ? at + 1 : Math.max(at, 0)
    const order = [...items.value.slice(from), ...items.value.slice(0, from)]
    const found = order.find(item => item.name.toLowerCase().startsWith(typed.toLowerCase()))
    if (!found) return false
    focus(found.key)
    selectOnly(found.key)
    return true
  }

  return {
    selected,
    focused,
    selectedItems,
    targetItems,
    click,
    toggle,
    selectAll,
    selectThese,
    clear,
    forget,
    press,
    focus,
  }
}
