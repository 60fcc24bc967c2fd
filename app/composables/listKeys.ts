// The keys of every list: one table, from which they are heard and listed.

import type { Ref } from 'vue'
import type { ListItem, Selection } from './useSelection'

/** The keys, and what they do. */
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

export interface ListMoves<I extends ListItem> {
  readonly items: Ref<readonly I[]>
  readonly selection: Selection<I>
  readonly loadAll: () => Promise<void>
  readonly across: (index: number) => number
  readonly focus: (key: string) => void
}

type Handler = (event: KeyboardEvent, at: number) => boolean

/** What each key does with the list; true when it did something. */
export function listKeys<I extends ListItem>({
  items,
  selection,
  loadAll,
  across,
  focus,
}: ListMoves<I>): Record<keyof typeof LIST_KEYS, Handler> {
  function go(index: number, event: KeyboardEvent): boolean {
    const item = items.value[Math.max(0, Math.min(items.value.length - 1, index))]
    if (!item) return false
    focus(item.key)
    if (event.shiftKey && selection.reach(item.key, false)) return true
    if (!event.ctrlKey && !event.metaKey) selection.only(item.key)
    return true
  }

  return {
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
      const { value: key } = selection.focused
      if (key !== null) selection.toggle(key)
      return key !== null
    },
    Escape: () => {
      if (selection.selected.value.size === 0) return false
      selection.clear()
      return true
    },
    'Ctrl+A': () => {
      selection.selectAll()
      return true
    },
    'Ctrl+Shift+A': () => {
      selection.invert()
      return true
    },
  }
}

/** Letters typed quickly one after the other jump to the next item whose name begins so. */
export function typingJump<I extends ListItem>({
  items,
  selection,
  focus,
}: Pick<ListMoves<I>, 'items' | 'selection' | 'focus'>): Handler {
  let typed = ''
  let typedAt = 0
  return (event, at) => {
    if (event.key.length !== 1 || event.ctrlKey || event.metaKey || event.altKey || event.key === '/') return false
    typed = event.timeStamp - typedAt > TYPING_MS ? event.key : typed + event.key
    typedAt = event.timeStamp
    const from = typed.length === 1 ? at + 1 : Math.max(at, 0)
    const order = [...items.value.slice(from), ...items.value.slice(0, from)]
    const found = order.find(item => item.name.toLowerCase().startsWith(typed.toLowerCase()))
    if (!found) return false
    focus(found.key)
    selection.only(found.key)
    return true
  }
}
