<script setup lang="ts">
// The colours of the plan, each with its ink, and none.
import { computed } from 'vue'
import type { Chosen } from '../../../../core/find/index'
import type { MeaningId } from '../../../../core/ids'
import { useColourKey } from '../../../stores/colourKey'
import type { FacetProps } from './facetProps'
import { countText, isShown } from './counted'
import FacetList from './FacetList.vue'

type Colour = MeaningId | 'none'
const props = defineProps<FacetProps<Chosen<Colour>>>()
const emit = defineEmits<{ choose: [chosen: Chosen<Colour>] }>()

const colourKey = useColourKey()
const colours = computed(() =>
  [
    ...colourKey.meanings.map(({ id, name, ink }) => ({ value: id as Colour, text: name, laid: ink as string | null })),
    { value: 'none' as const, text: 'no colour', laid: null },
  ]
    .filter(({ value }) => isShown(props.counts, 'meanings', props.selection, value))
    .map(colour => ({ ...colour, count: countText(props.counts, 'meanings', colour.value) })),
)
</script>

<template>
  <FacetList
    :head="facet.name"
    :label="facet.name"
    :values="colours"
    :chosen="selection"
    @choose="emit('choose', $event)" />
</template>
