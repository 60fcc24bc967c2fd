// After a sheet the keys are again with the row, or with the button by which keys opened it. A button that has them by
// chance does not get them: Enter would press it, where it is meant for what was chosen.

import { nextTick } from 'vue'
import { giveRowKeys } from '../../composables/rowKeys'

// What was done may begin something that takes the keys, as a name that is typed: that is drawn some turns later.
const TURNS = 3

/** What the last key pressed; a click of the mouse and every other key press nothing here. */
let pressed: EventTarget | null = null
if (typeof document !== 'undefined') {
  document.addEventListener('keydown', () => (pressed = null), true)
  // Enter and Space click what has the keys, with no click of a mouse to count.
  document.addEventListener('click', ({ detail, target }) => (pressed = detail === 0 ? target : null), true)
}

/** Call it before the sheet takes the keys. What it returns gives them back, unless something took them meanwhile. */
export function rememberKeys(): () => Promise<void> {
  const before = document.activeElement
  const row = before?.closest<HTMLElement>('[data-key]')?.dataset.key
  const isOpener = before !== null && pressed instanceof Node && before.contains(pressed)
  return async () => {
    for (let turn = 0; turn < TURNS; turn++) await nextTick()
    const now = document.activeElement
    const isFree = now === null || now === document.body || now.closest('.v-overlay') !== null
    if (!isFree || (row === undefined && !isOpener)) return
    if (before instanceof HTMLElement && before.isConnected) before.focus({ preventScroll: true })
    // The row was drawn anew by what was done, or went away: then the one that keys mean instead.
    else if (row !== undefined) giveRowKeys(row, () => document.querySelector('[role=row][data-key][tabindex="0"]'))
  }
}
