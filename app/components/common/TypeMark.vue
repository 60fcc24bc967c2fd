<script setup lang="ts">
defineProps<{
  /** File extension; empty when there is none. */
  extension: string
}>()
</script>

<template>
  <span class="type-mark">{{ extension === '' ? 'file' : extension.slice(0, 6) }}</span>
</template>

<style scoped>
.type-mark {
  display: inline-block;
  min-width: 43px;
  text-align: center;
  border: 1px solid var(--rule-strong);
  background: var(--sheet);
  color: var(--ink-2);
  font-size: 10px;
  font-weight: 700;
  letter-spacing: 0.04em;
  line-height: 14px;
  padding: 0 4px;
  text-transform: uppercase;
}
</style>
