// From hit to hit through pages that are not drawn yet: the server says on which pages the words stand.

import type { Ref } from 'vue'
import { computed, ref, watch } from 'vue'
import type { Hits } from './useHits'

/**
 * A page with hits that cannot be brought into view (a preview that shows less than was read) is waited for no longer.
 */
const WAIT_MS = 8000

export function useHitPages(sheet: Ref<HTMLElement | null>, hits: Hits, onPage: Ref<ReadonlyMap<number, number>>) {
  const known = computed(() => [...onPage.value.values()].reduce((sum, count) => sum + count, 0))
  /** In the whole document; what is marked already where that is more, as where a name is marked as well. */
  const total = computed(() => Math.max(known.value, hits.count.value))
  /** Texts that come in parts are loaded up to this page. */
  const reach = ref(1)
  const pagesWithHits = computed(() => [...onPage.value.keys()].sort((a, b) => a - b))

  function toPage(page: number): void {
    reach.value = Math.max(reach.value, page)
    elementOf(page)?.scrollIntoView({ block: 'start' })
  }

  /** What shows a page; several pages may be shown as one (data-to is the last of them). */
  function elementOf(page: number): Element | null {
    const alone = sheet.value?.querySelector(`[data-page="${page}"]`)
    if (alone) return alone
    const several = [...(sheet.value?.querySelectorAll<HTMLElement>('[data-to]') ?? [])]
    return several.find(({ dataset }) => Number(dataset.page) <= page && page <= Number(dataset.to)) ?? null
  }
  function isMarked(page: number): boolean {
    const element = elementOf(page)
    // Not loaded yet, where texts are; a preview that shows less than was read will never show it.
    if (!element) return !sheet.value?.querySelector('[data-drawn]')
    return element.matches('[data-drawn]') || element.querySelector('[data-hit], .letters span, .letters br') !== null
  }

  /** The next hit; where the next page with one is not drawn yet, that page first. */
  function next(by: 1 | -1): void {
    const isAtEnd = by === 1 ? hits.at.value === hits.count.value : hits.at.value <= 1
    const missing =
      total.value > hits.count.value && isAtEnd ? pagesWithHits.value.find(page => !isMarked(page)) : undefined
    if (missing === undefined) return hits.next(by)
    toPage(missing)
    whenMore(() => {
      hits.next(by)
    })
  }

  function whenMore(work: () => void): void {
    const before = hits.count.value
    const stop = watch(hits.count, count => {
      if (count > before) {
        end()
        work()
      }
    })
    const timer = setTimeout(() => {
      end()
    }, WAIT_MS)
    const end = () => {
      stop()
      clearTimeout(timer)
    }
  }

  /** Shows the first hit as soon as it can be: its page, then the hit itself. */
  function openFirst(): void {
    const stopPage = watch(
      [pagesWithHits, sheet, () => sheet.value?.querySelector('[data-page]')],
      ([[first]]) => {
        if (first === undefined || hits.at.value > 0) return
        reach.value = Math.max(reach.value, first)
        if (hits.count.value === 0) elementOf(first)?.scrollIntoView({ block: 'start' })
      },
      { flush: 'post' },
    )
    const stop = watch(hits.count, count => {
      if (count === 0) return
      stop()
      stopPage()
      if (hits.at.value === 0) hits.next(1)
    })
  }

  return { total, reach, toPage, next, openFirst }
}
