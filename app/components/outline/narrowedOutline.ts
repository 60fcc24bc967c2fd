// Typing a number or a part of a name narrows the outline in place: what is met, with what lies above it.

import { computed, ref } from 'vue'
import { findFolders } from '../../../core/find/index'
import { outlineOf, pathOf } from '../../../core/tree/index'
import { usePlaceNames } from '../../stores/placeNames'
import { usePlan } from '../../stores/plan'
import { useView } from '../../stores/view'

const MET = 200

/** `rows`: what is drawn, each with its depth; `matches`: what was typed for, the best first. */
export function useNarrowedOutline() {
  const [plan, placeNames, view] = [usePlan(), usePlaceNames(), useView()]
  const narrow = ref('')
  const isNarrowed = computed(() => narrow.value.trim() !== '')
  const matches = computed(() => findFolders(placeNames.findable, narrow.value, MET))
  const rows = computed(() => {
    if (!isNarrowed.value) return outlineOf(plan.tree, folder => view.open.has(folder.id))
    const ids = new Set(matches.value.flatMap(({ id }) => pathOf(plan.tree, id).map(folder => folder.id)))
    return outlineOf(plan.tree, folder => ids.has(folder.id)).filter(({ folder }) => ids.has(folder.id))
  })
  /** For each row, which it is among its siblings and how many there are. */
  const places = computed(() => {
    const counts = new Map<string | null, number>()
    const at = rows.value.map(({ folder: { parentId } }) => {
      const next = (counts.get(parentId) ?? 0) + 1
      counts.set(parentId, next)
      return next
    })
    return rows.value.map(({ folder: { parentId } }, index) => ({ at: at[index] ?? 1, of: counts.get(parentId) ?? 1 }))
  })
  return { narrow, isNarrowed, matches, rows, places }
}
