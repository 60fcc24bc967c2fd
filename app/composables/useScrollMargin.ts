// How far down in its scroller a list begins: what stands above it scrolls with it.

import type { Ref } from 'vue'
import { ref, watch } from 'vue'

/** In points; measured anew when the list, its scroller or the number of its rows changes. */
export function useScrollMargin(
  list: Readonly<Ref<HTMLElement | null>>,
  scroller: () => HTMLElement | null,
  count: () => number,
): Readonly<Ref<number>> {
  const margin = ref(0)
  watch(
    [list, scroller, count],
    () => {
      const [inner, outer] = [list.value, scroller()]
      if (inner && outer)
        margin.value = inner.getBoundingClientRect().top - outer.getBoundingClientRect().top + outer.scrollTop
    },
    { flush: 'post' },
  )
  return margin
}
