// A row that had the keys before a sheet has them again after it. A button that had them by chance has not: Enter would
// press it, where it is meant for what was chosen.

import { nextTick } from 'vue'
import { giveRowKeys } from '../../composables/rowKeys'

// What was done may begin something that takes the keys, as a name that is typed: that is drawn some turns later.
const TURNS = 3

/** Call it before the sheet takes the keys. What it returns gives them back, unless something took them meanwhile. */
export function rememberKeys(): () => Promise<void> {
  const before = document.activeElement
  const row = before?.closest<HTMLElement>('[data-key]')?.dataset.key
  return async () => {
    for (let turn = 0; turn < TURNS; turn++) await nextTick()
    const now = document.activeElement
    const isFree = now === null || now === document.body || now.closest('.v-overlay') !== null
    if (!isFree || row === undefined) return
    if (before instanceof HTMLElement && before.isConnected) before.focus({ preventScroll: true })
    // The row was drawn anew by what was done.
    else giveRowKeys(row)
  }
}
