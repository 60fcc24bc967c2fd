<script setup lang="ts">
// The line between two rows at which what is dragged would be laid.
defineProps<{
  zone: 'before' | 'after'
  /** Of the row: the line begins where its name does. */
  depth: number
}>()
</script>

<template>
  <span class="laid" :class="zone" :style="{ left: `${24 + depth * 14}px` }" aria-hidden="true" />
</template>

<style scoped>
.laid {
  position: absolute;
  right: 0;
  height: 2px;
  background: var(--act);
  z-index: 2;
  pointer-events: none;
}
.laid.before {
  top: -1px;
}
.laid.after {
  bottom: -1px;
}
.laid::before {
  content: '';
  position: absolute;
  left: -3px;
  top: -3px;
  width: 6px;
  height: 8px;
  background: var(--act);
}
</style>
