import type { Ref } from 'vue'
import { watchDebounced } from '@vueuse/core'
import type { FolderId } from '../../core/ids'
import { tellPlace } from '../api/events'
import { usePlan } from '../stores/plan'
import { refusalOf } from '../stores/remote'

const SETTLED_MS = 300

/** Tells others who have a window open on the plan which folder this one looks at. */
export function useTellingPlace(openPlace: Readonly<Ref<FolderId | null | undefined>>): void {
  const plan = usePlan()
  watchDebounced(
    [openPlace, () => plan.here.length > 0] as const,
    ([place, isAnyoneHere]) => {
      // Away: they see where one was; the next step tells them.
      if (isAnyoneHere) tellPlace(place ?? null).catch(refusalOf)
    },
    { debounce: SETTLED_MS },
  )
}
