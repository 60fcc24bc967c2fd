import type { Range } from '@tanstack/vue-virtual'
import { defaultRangeExtractor } from '@tanstack/vue-virtual'
import { onBeforeUnmount } from 'vue'
import { usePrinting } from '../stores/printing'

/** Done before the page is printed, while the component lives. */
export function useBeforePrint(work: () => Promise<unknown>): void {
  onBeforeUnmount(usePrinting().before(work))
}

const wholeRange = ({ count }: Range) => Array.from({ length: count }, (_, index) => index)

/** How a list of which only a part is drawn lies on paper: all of its rows, one after the other. */
export function useOnPaper() {
  const printing = usePrinting()
  return {
    /** Which rows are drawn; another function on paper, so that the list looks again. */
    get rangeExtractor(): (range: Range) => number[] {
      return printing.isOn ? wholeRange : defaultRangeExtractor
    },
    /** Of the element that holds them, in pixels. */
    sized: (height: number) => (printing.isOn ? {} : { height: `${height}px`, position: 'relative' as const }),
    /** Of a row, that far from the top. */
    placed: (start: number) =>
      printing.isOn ? {} : { position: 'absolute' as const, insetInline: '0', top: `${start}px` },
  }
}
