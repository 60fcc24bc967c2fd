// Words that are searched for, marked in whatever is shown: in texts by the browser's own highlights, on pictures by
// boxes that carry data-hit. One goes from hit to hit in the order in which they stand.

import type { Ref } from 'vue'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { useMutationObserver } from '@vueuse/core'
import type { Term } from '../../core/text/index'
import { marksIn } from '../../core/text/index'

type Hit = Range | HTMLElement
const AGAIN_MS = 120
const MOST = 2000

export interface Hits {
  readonly count: Ref<number>
  /** Of the current hit, from 1; 0 while none is. */
  readonly at: Ref<number>
  next: (by: 1 | -1) => void
}

/** `name` tells several places apart that are marked at the same time. */
export function useHits(root: Ref<HTMLElement | null>, terms: Ref<readonly Term[]>, name: string): Hits {
  const hits = shallowRef<readonly Hit[]>([])
  const index = ref(-1)
  const count = computed(() => hits.value.length)
  const at = computed(() => index.value + 1)
  let timer: ReturnType<typeof setTimeout> | null = null

  function look(): void {
    hits.value = root.value && terms.value.length > 0 ? hitsIn(root.value, terms.value) : []
    if (index.value >= hits.value.length) index.value = hits.value.length - 1
    draw()
  }

  function draw(): void {
    if (!('highlights' in CSS)) return
    const ranges = hits.value.filter((hit): hit is Range => hit instanceof Range)
    const current = hits.value[index.value]
    CSS.highlights.set(`hit-${name}`, new Highlight(...ranges))
    CSS.highlights.set(`hit-on-${name}`, current instanceof Range ? new Highlight(current) : new Highlight())
    for (const hit of hits.value) if (!(hit instanceof Range)) hit.classList.toggle('on', hit === current)
  }

  function next(by: 1 | -1): void {
    if (hits.value.length === 0) return
    index.value = (index.value + by + hits.value.length) % hits.value.length
    draw()
    const hit = hits.value[index.value]
    const element = hit instanceof Range ? hit.startContainer.parentElement : hit
    element?.scrollIntoView({ block: 'center', inline: 'nearest' })
  }

  const soon = () => {
    if (timer) clearTimeout(timer)
    timer = setTimeout(look, AGAIN_MS)
  }
  useMutationObserver(root, soon, { childList: true, subtree: true, characterData: true })
  watch(
    [root, terms],
    () => {
      index.value = -1
      soon()
    },
    { immediate: true },
  )
  onBeforeUnmount(() => {
    if (timer) clearTimeout(timer)
    if ('highlights' in CSS) for (const kind of ['hit', 'hit-on']) CSS.highlights.delete(`${kind}-${name}`)
  })
  return { count, at, next }
}

function hitsIn(root: HTMLElement, terms: readonly Term[]): Hit[] {
  const hits: Hit[] = []
  const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT | NodeFilter.SHOW_ELEMENT)
  for (let node = walker.nextNode(); node && hits.length < MOST; node = walker.nextNode()) {
    if (node instanceof HTMLElement) {
      if (node.dataset.hit !== undefined) hits.push(node)
      continue
    }
    for (const [from, to] of marksIn(node.nodeValue ?? '', terms)) {
      const range = document.createRange()
      range.setStart(node, from)
      range.setEnd(node, to)
      hits.push(range)
    }
  }
  return hits
}
