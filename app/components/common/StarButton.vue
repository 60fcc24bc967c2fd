<script setup lang="ts">
import { mdiStar, mdiStarOutline } from '@mdi/js'
import RowAct from '../base/RowAct.vue'

defineProps<{ starred: boolean; name: string }>()
defineEmits<{ toggle: [] }>()
</script>

<template>
  <RowAct
    class="star"
    :class="{ on: starred }"
    :aria-pressed="starred"
    tabindex="-1"
    :aria-label="`Star ${name}`"
    @click.stop="$emit('toggle')"
    @dblclick.stop>
    <v-icon :icon="starred ? mdiStar : mdiStarOutline" size="16" />
  </RowAct>
</template>

<style scoped>
.star {
  color: var(--rule-strong);
  line-height: 1;
  padding: 2px;
}
.star.on {
  color: var(--ink);
}
.star:hover {
  color: var(--ink-2);
}
</style>
