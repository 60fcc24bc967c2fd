import { useEventListener } from '@vueuse/core'
import type { FolderId } from '../../core/ids'
import { useHand } from '../stores/hand'
import { useKeeping } from '../stores/keeping'
import { isOverlayOpen, isTyping } from './useShortcuts'

/** What is pasted outside of a field becomes a document in the open place; `place` gives undefined on pages that are none. */
export function usePasting(place: () => FolderId | null | undefined): void {
  const keeping = useKeeping()
  const hand = useHand()
  useEventListener('paste', (event: ClipboardEvent) => {
    const to = place()
    if (event.defaultPrevented || !event.clipboardData || to === undefined || hand.items.length > 0 || isTyping(event.target) || isOverlayOpen()) return
    if (keeping.paste(event.clipboardData, to)) event.preventDefault()
  })
}
