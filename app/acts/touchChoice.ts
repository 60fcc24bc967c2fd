// Choosing with a finger: a long press chooses the first, taps add others or let them go, and a bar at the foot says
// how many there are and what can be done with them.

import { onLongPress, useEventListener } from '@vueuse/core'
import type { ComputedRef } from 'vue'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import type { ListBehaviour, ListItem } from '../composables/useList'
import type { OfferedAct } from './act'

interface TouchChoice {
  readonly count: number
  readonly acts: readonly OfferedAct[]
  readonly end: () => void
}

/** What is chosen so just now; null: nothing. */
export const touchChoice = shallowRef<TouchChoice | null>(null)

const LONG_MS = 500
/** The tap that ends the long press itself adds nothing. */
const SAME_TOUCH_MS = 900

/** `tap`: what a tap on an item does while others are being chosen; false where it means the item alone, as always. */
export function useTouchChoice<I extends ListItem>(
  list: ListBehaviour<I>,
  has: (key: string) => boolean,
  acts: ComputedRef<readonly OfferedAct[]>,
): { readonly tap: (key: string) => boolean; readonly isTouch: (event: Event) => boolean } {
  const isOn = ref(false)
  const choice = computed(() =>
    isOn.value && list.selectedItems.value.length > 0
      ? { count: list.selectedItems.value.length, acts: acts.value, end: list.clear }
      : null,
  )
  let held: { readonly key: string; readonly at: number } | null = null

  function hold(key: string): void {
    held = { key, at: Date.now() }
    list.selectThese(new Set([...list.selected.value, key]))
    isOn.value = true
  }

  const keyAt = (event: Event): string | null => {
    const row = event.target instanceof Element ? event.target.closest<HTMLElement>('[data-key]') : null
    const key = row?.dataset.key ?? null
    return key !== null && has(key) ? key : null
  }
  const isTouch = (event: Event) => event instanceof PointerEvent && event.pointerType === 'touch'
  onLongPress(
    computed(() => document.body),
    event => {
      const key = isTouch(event) ? keyAt(event) : null
      if (key !== null) hold(key)
    },
    { delay: LONG_MS, distanceThreshold: 10 },
  )
  // Browsers with a menu of their own for long presses tell of it so.
  useEventListener('contextmenu', event => {
    const key = isTouch(event) ? keyAt(event) : null
    if (key === null) return
    event.preventDefault()
    hold(key)
  })

  function tap(key: string): boolean {
    if (choice.value === null) return false
    const isSameTouch = held?.key === key && Date.now() - held.at < SAME_TOUCH_MS
    if (!isSameTouch) list.toggle(key)
    return true
  }

  watch(choice, now => {
    touchChoice.value = now
    if (now === null) isOn.value = false
  })
  onBeforeUnmount(() => (touchChoice.value = null))

  return { tap, isTouch }
}
