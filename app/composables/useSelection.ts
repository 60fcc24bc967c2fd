// What is selected in a list, and which item the keys act on.

import type { ComputedRef, Ref } from 'vue'
import { computed, ref, watch } from 'vue'
import { keysAt } from './rowKeys'

export interface ListItem {
  readonly key: string
  readonly name: string
}

/**
 * Of an item that is gone, as after it was deleted or moved: the one behind it that is still there, else the one
 * before it; null where nothing of the list is left.
 */
function neighbourOf(
  key: string,
  before: ReadonlyMap<string, number>,
  now: ReadonlyMap<string, number>,
): string | null {
  const [keys, at] = [[...before.keys()], before.get(key) ?? 0]
  const isThere = (one: string) => now.has(one)
  return keys.slice(at + 1).find(isThere) ?? keys.slice(0, at).findLast(isThere) ?? null
}

/** `give` gives a row the keys of the browser. */
export function useSelection<I extends ListItem>(
  items: Ref<readonly I[]>,
  indexByKey: ComputedRef<ReadonlyMap<string, number>>,
  loadAll: () => Promise<void>,
  give: (key: string) => void = () => {},
) {
  const selected = ref<ReadonlySet<string>>(new Set())
  /** The item that keys act on; null when the list is empty or untouched. */
  const focused = ref<string | null>(null)
  let anchor: string | null = null

  watch(indexByKey, (index, before) => {
    const still = [...selected.value].filter(key => index.has(key))
    if (still.length !== selected.value.size) selected.value = new Set(still)
    const { value: key } = focused
    if (key === null || index.has(key)) return
    const had = keysAt(key)
    focused.value = had === 'elsewhere' ? null : neighbourOf(key, before, index)
    // What lies over the list gives the keys back itself when it goes.
    if (had === 'row' && focused.value !== null) give(focused.value)
  })

  function only(key: string): void {
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

  /** From where selecting began to this one; false where it did not begin. */
  function reach(to: string, keep: boolean): boolean {
    if (anchor === null) return false
    const [a, b] = [indexByKey.value.get(anchor), indexByKey.value.get(to)]
    if (a === undefined || b === undefined) only(to)
    else {
      const range = items.value.slice(Math.min(a, b), Math.max(a, b) + 1).map(item => item.key)
      selected.value = new Set(keep ? [...selected.value, ...range] : range)
    }
    return true
  }

  const selectWhere = (isWanted: (key: string) => boolean) =>
    void loadAll().then(() => {
      selected.value = new Set(items.value.map(item => item.key).filter(isWanted))
    })
  const selectAll = () => selectWhere(() => true)
  const invert = () => selectWhere(key => !selected.value.has(key))

  /** Selects exactly these; the last of them has the focus. */
  function selectThese(keys: ReadonlySet<string>): void {
    selected.value = keys
    const last = [...keys].at(-1)
    if (last !== undefined) focused.value = last
  }

  function clear(): void {
    selected.value = new Set()
    anchor = null
  }

  /** Nothing is selected, and keys act on nothing: what was looked at is looked at no more. */
  function forget(): void {
    clear()
    focused.value = null
  }

  const selectedItems = computed(() => items.value.filter(item => selected.value.has(item.key)))
  const acts = { only, toggle, reach, selectAll, invert, selectThese, clear, forget }
  return { selected, focused, selectedItems, ...acts }
}

export type Selection<I extends ListItem> = ReturnType<typeof useSelection<I>>
