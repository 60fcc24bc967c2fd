<script setup lang="ts">
// With a star, without, or either.
import type { FacetProps } from './facetProps'
import { countText } from './counted'

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
      <label><input type="checkbox" :checked="selection === true" @change="flip(true)" /> with a star</label
      ><span class="quiet">{{ countText(counts, 'starred', 'yes') }}</span>
    </li>
    <li>
      <label><input type="checkbox" :checked="selection === false" @change="flip(false)" /> without a star</label>
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
.star label {
  display: flex;
  align-items: center;
  gap: 8px;
}
.star input {
  accent-color: var(--act);
  width: 14px;
  height: 14px;
}
</style>
