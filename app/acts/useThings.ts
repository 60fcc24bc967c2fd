// The acts on the folders and documents that are meant in a list, on the card or in the outline.

import type { ComputedRef } from 'vue'
import { computed } from 'vue'
import type { FolderId } from '../../core/ids'
import type { OfferedAct, ThingItem, ThingTarget } from './act'
import { offer, runPressed } from './offer'
import { THING_ACTS } from './registry'

export interface ThingHandlers extends Omit<ThingTarget, 'items' | 'fromFolderId'> {
  readonly fromFolderId?: () => FolderId | null
  /** Keys that mean something else on the page. */
  readonly taken?: readonly string[]
}

export function useThings(
  items: ComputedRef<readonly ThingItem[]>,
  { fromFolderId = () => null, taken, ...handlers }: ThingHandlers,
): { acts: ComputedRef<readonly OfferedAct[]>; press: (event: KeyboardEvent) => boolean } {
  const acts = computed(() =>
    items.value.length === 0
      ? []
      : offer(THING_ACTS, { ...handlers, items: items.value, fromFolderId: fromFolderId() }, taken),
  )

  function press(event: KeyboardEvent): boolean {
    // Marked text is copied as text.
    const isCarry = (event.ctrlKey || event.metaKey) && /^[xc]$/i.test(event.key)
    if (isCarry && (window.getSelection()?.toString() ?? '') !== '') return false
    return runPressed(acts.value, event)
  }

  return { acts, press }
}
