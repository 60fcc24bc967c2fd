// Which folder the address of a page in the plan means: /plan is the top, /plan/<id> a folder, and so is /plan/1.5, as
// a person writes it.

import { computed, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { FolderId } from '../../core/ids'
import { tryParseId } from '../../core/ids'
import { usePlaceNames } from '../stores/placeNames'
import { usePlan } from '../stores/plan'

export function useFolderInAddress() {
  const [plan, placeNames] = [usePlan(), usePlaceNames()]
  const route = useRoute()
  const router = useRouter()

  const address = computed(() => String(route.params.folder ?? ''))
  const folderId = computed<FolderId | null>(() => tryParseId<'folder'>(address.value))
  const folder = computed(() => (folderId.value === null ? undefined : plan.tree.byId.get(folderId.value)))
  /** The address means a folder that is not in the plan. */
  const isGone = computed(() => address.value !== '' && plan.outline.state === 'ready' && !folder.value)
  const where = computed(() =>
    folderId.value === null ? 'the top of the plan' : (placeNames.placeOf(folderId.value)?.text ?? ''),
  )

  watch(
    () => (folderId.value === null && plan.outline.state === 'ready' ? placeNames.withCode(address.value) : null),
    id => {
      if (id !== null) void router.replace({ path: `/plan/${id}`, query: route.query })
    },
    { immediate: true },
  )
  return { folderId, folder, isGone, where }
}
