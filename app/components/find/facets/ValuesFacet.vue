<script setup lang="ts">
// A facet of values: those there are, or those that are found, the most frequent first.
import { computed } from 'vue'
import type { Chosen } from '../../../../core/find/index'
import type { FacetProps } from './facetProps'
import { countText, isShown } from './counted'
import FacetList from './FacetList.vue'

const props = defineProps<FacetProps<Chosen<string>>>()
const emit = defineEmits<{ choose: [chosen: Chosen<string>] }>()

const values = computed(() => {
  const { facet, selection, counts } = props
  if (facet.values)
    return facet.values
      .filter(({ value }) => isShown(counts, facet.key, selection, value))
      .map(({ value, text }) => ({ value, text, count: countText(counts, facet.key, value) }))
  return counted.value
})

/** Values that the field does not list: as they are counted; chosen ones stay though nothing is found any more. */
const counted = computed(() => {
  const { facet, selection, counts } = props
  const found = Object.entries(counts?.[facet.key] ?? {})
    .sort(([a, one], [b, other]) => other - one || a.localeCompare(b))
    .map(([value]) => ({
      value: facet.chosenFor?.(value) ?? value,
      text: facet.labelOf?.(value) ?? value,
      count: countText(counts, facet.key, value),
    }))
  const gone = [...selection.any, ...selection.without]
    .filter(value => !found.some(one => one.value === value))
    .map(value => ({ value, text: facet.labelOf?.(value) ?? value, count: counts === null ? '' : '0' }))
  return [...new Map([...found, ...gone].map(one => [one.value, one])).values()]
})
</script>

<template>
  <FacetList
    :head="facet.name"
    :label="facet.name"
    :values="values"
    :chosen="selection"
    @choose="emit('choose', $event)" />
</template>
