// Where one begins to type: marked `data-begins`, given the keys once. The framework's own "autofocus" takes them again
// whenever its field comes into view, which may be after the person went on to the next one.

import { nextTick } from 'vue'

const FIELDS = 'input:not([type=hidden]), textarea'
// What a sheet holds is drawn a turn after the sheet, and its fields one after that.
const TURNS = 3

/** Gives the keys to what begins in this part, as soon as it is drawn; to nothing where nothing is marked so. */
export async function beginIn(part: () => Element | null | undefined): Promise<void> {
  for (let turn = 0; turn < TURNS; turn++) await nextTick()
  const meant = part()?.querySelector<HTMLElement>('[data-begins]')
  ;(meant?.querySelector<HTMLElement>(FIELDS) ?? meant)?.focus()
}
