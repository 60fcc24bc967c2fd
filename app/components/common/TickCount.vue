<script setup lang="ts">
// How much of the check lists in a memo is done.
defineProps<{ all: number; done: number }>()
</script>

<template>
  <span class="ticks" :class="{ whole: done === all }">{{ done }} of {{ all }} done</span>
</template>

<style scoped>
.ticks {
  flex: none;
  font-size: 11.5px;
  color: var(--ink-2);
  font-variant-numeric: tabular-nums;
}
.ticks.whole {
  color: var(--ink-3);
}
</style>
