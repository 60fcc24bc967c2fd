// The acts of the open place: heard by their keys, and offered where one types what to do.

import type { ComputedRef } from 'vue'
import { computed } from 'vue'
import { useShortcuts } from '../composables/useShortcuts'
import type { PlanFolder } from '../../contract/plan'
import { usePlaceNames } from '../stores/placeNames'
import { usePlan } from '../stores/plan'
import type { OfferedAct } from './act'
import { offer, runPressed } from './offer'
import { useOffered } from './offered'
import { PLACE_ACTS } from './registry'

/** `folder` null: the top of the plan, or the In-tray. */
export function usePlaceActs(
  folder: () => PlanFolder | null,
  isHeard: () => boolean = () => true,
): ComputedRef<readonly OfferedAct[]> {
  const [plan, placeNames] = [usePlan(), usePlaceNames()]
  const acts = computed(() => offer(PLACE_ACTS, { folder: folder() }))
  useOffered(() => {
    const open = folder()
    return open ? `in ${placeNames.placeOf(open.id)?.text ?? open.name}` : (plan.reply?.plan.name ?? 'the plan')
  }, acts)
  useShortcuts(event => isHeard() && runPressed(acts.value, event))
  return acts
}
