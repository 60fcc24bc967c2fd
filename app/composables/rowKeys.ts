// The row that the keys mean has the focus of the browser, so that a screen reader says it, and Tab enters and leaves
// a list at that row.

import { nextTick } from 'vue'

// A row that is scrolled to is drawn some frames later.
const PATIENCE_FRAMES = 12
let wanted: string | null = null

/**
 * Rows are known by `data-key`. The last one wins where keys come faster than rows are drawn. `otherwise`: what gets
 * them where there is no such row.
 */
export function giveRowKeys(key: string, otherwise: () => HTMLElement | null = () => null): void {
  wanted = key
  let frames = 0
  const give = () => {
    if (wanted !== key) return
    const row = document.querySelector<HTMLElement>(`[data-key="${CSS.escape(key)}"]`)
    if (row) row.focus({ preventScroll: true })
    else if (frames++ < PATIENCE_FRAMES) requestAnimationFrame(give)
    else otherwise()?.focus({ preventScroll: true })
  }
  void nextTick(give)
}

/** One row of a list is reached by Tab: the one that keys mean, or the first. */
export const rowTab = (focused: string | null, key: string, index: number): 0 | -1 =>
  focused === key || (focused === null && index === 0) ? 0 : -1

/** The row that was reached; null: what has the focus is no row, but something in one. */
export const rowReached = ({ target }: FocusEvent): string | null =>
  target !== null && 'dataset' in target ? ((target as HTMLElement).dataset.key ?? null) : null

/** Where the keys of the browser are: with this row, with a sheet or menu that lies over its list, or elsewhere. */
export function keysAt(key: string): 'row' | 'over' | 'elsewhere' {
  const element = typeof document === 'undefined' ? null : document.activeElement
  if (element?.closest<HTMLElement>('[data-key]')?.dataset.key === key) return 'row'
  return element?.closest('.v-overlay') ? 'over' : 'elsewhere'
}
