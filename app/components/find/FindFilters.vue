<script setup lang="ts">
// What narrows a search, each facet with how many would be found by its values.
import type { FoundCounts } from '../../../contract/find'
import type { FacetSelection } from '../../../core/find/index'
import { FACETS } from '../../../core/find/index'
import { PANELS } from './facets'

defineProps<{
  facets: FacetSelection
  /** null: not known yet, or nothing is searched for. */
  counts: FoundCounts | null
}>()
const emit = defineEmits<{ choose: [facets: Partial<FacetSelection>] }>()
</script>

<template>
  <form class="filters" aria-label="Narrow the search" @submit.prevent>
    <component
      :is="PANELS[facet.panel]"
      v-for="facet in FACETS"
      :key="facet.key"
      :facet="facet"
      :selection="facets[facet.key]"
      :counts="counts"
      @choose="(selection: unknown) => emit('choose', { [facet.key]: selection })" />
  </form>
</template>

<style scoped>
.filters {
  padding: 4px 14px 20px;
  overflow-y: auto;
  flex: 1;
  min-height: 0;
}
</style>
