<script setup lang="ts">
// Where something is found, the places chosen, and what lies above them; the In-tray last.
import { computed } from 'vue'
import type { Chosen } from '../../../../core/find/index'
import { chosenPlaces } from '../../../../core/find/index'
import type { FolderId } from '../../../../core/ids'
import { outlineOf } from '../../../../core/tree/index'
import { usePlan } from '../../../stores/plan'
import { usePlaceNames } from '../../../stores/placeNames'
import type { FacetProps } from './facetProps'
import { countText, isChosen } from './counted'
import FacetList from './FacetList.vue'

type Place = FolderId | 'in-tray'
const props = defineProps<FacetProps<Chosen<Place>>>()
const emit = defineEmits<{ choose: [chosen: Chosen<Place>] }>()

const plan = usePlan()
const placeNames = usePlaceNames()
const PLACES_SHOWN = 40

const above = computed(() => {
  const ids = new Set<FolderId>()
  for (const id of [...props.selection.any, ...props.selection.without])
    for (let at = id === 'in-tray' ? null : id; at !== null; at = plan.tree.byId.get(at)?.parentId ?? null) ids.add(at)
  return ids
})
const places = computed(() => {
  const counts = props.counts?.places ?? {}
  const folders = outlineOf(plan.tree)
    .filter(({ folder, depth }) => {
      const isUnderShown = depth === 0 || (folder.parentId !== null && above.value.has(folder.parentId))
      return above.value.has(folder.id) || ((counts[folder.id] ?? 0) > 0 && isUnderShown)
    })
    .slice(0, PLACES_SHOWN)
    .map(({ folder, depth }) => ({
      value: folder.id as Place,
      depth,
      text: placeNames.placeOf(folder.id)?.text ?? '',
      count: countText(props.counts, 'places', folder.id),
    }))
  const isTrayShown =
    props.counts === null || (props.counts.filed.none ?? 0) > 0 || isChosen(props.selection, 'in-tray')
  const tray = { value: 'in-tray' as const, depth: 0, text: 'In-tray', count: countText(props.counts, 'filed', 'none') }
  return isTrayShown ? [...folders, tray] : folders
})
</script>

<template>
  <FacetList
    :head="facet.name"
    label="In this folder and below"
    :values="places"
    :chosen="selection"
    @choose="emit('choose', chosenPlaces(plan.tree, selection, $event))" />
</template>
