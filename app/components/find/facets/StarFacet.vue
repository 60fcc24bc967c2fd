<script setup lang="ts">
// With a star, without, or either.
import type { FacetProps } from './facetProps'
import { countText } from './counted'
import TickBox from '../../base/TickBox.vue'

const props = defineProps<FacetProps<boolean | null>>()
const emit = defineEmits<{ choose: [starred: boolean | null] }>()

function flip(starred: boolean): void {
  emit('choose', props.selection === starred ? null : starred)
}
</script>

<template>
  <h2 class="part-head">{{ facet.name }}</h2>
  <ul class="star">
    <li>
      <TickBox :model-value="selection === true" @update:model-value="flip(true)">with a star</TickBox
      ><span class="quiet">{{ countText(counts, 'starred', 'yes') }}</span>
    </li>
    <li>
      <TickBox :model-value="selection === false" @update:model-value="flip(false)">without a star</TickBox>
    </li>
  </ul>
</template>

<style scoped>
.part-head {
  margin-top: 14px;
}
.star {
  list-style: none;
  padding: 0;
}
.star li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  height: 25px;
}
</style>
