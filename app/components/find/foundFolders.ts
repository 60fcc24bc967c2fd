// Folders among what is found: by what was typed, or because they carry a tag that was chosen.

import type { ComputedRef, Ref } from 'vue'
import { computed } from 'vue'
import type { SearchQuery } from '../../../core/find/index'
import { findFolders } from '../../../core/find/index'
import type { FolderId } from '../../../core/ids'
import { usePlaceNames } from '../../stores/placeNames'
import { usePlan } from '../../stores/plan'

const FEW = 4

/** `coded`: the folder whose code was typed; Enter goes there, as in every other field that finds. */
export function useFoundFolders(request: ComputedRef<SearchQuery>, typed: Ref<string>) {
  const [plan, placeNames] = [usePlan(), usePlaceNames()]
  const folders = computed(() => {
    if (request.value.q.trim() !== '') return findFolders(placeNames.findable, request.value.q, FEW)
    const { any } = request.value.facets.tags
    const carries = (id: FolderId) => (plan.reply?.folderTags[id] ?? []).some(tag => any.includes(tag))
    return any.length === 0 ? [] : placeNames.findable.filter(({ id }) => carries(id)).slice(0, 3 * FEW)
  })
  const coded = computed(() => placeNames.withCode(typed.value))
  return { folders, coded }
}
