<script setup lang="ts">
// What is told above the arrivals, each with what can be done about it.
defineProps<{ title: string }>()
defineSlots<{ default: () => unknown }>()
</script>

<template>
  <section class="notes" :aria-label="title">
    <h2 class="part-head">{{ title }}</h2>
    <ul>
      <slot />
    </ul>
  </section>
</template>

<style scoped>
.notes {
  padding: 0 18px 8px;
}
ul {
  list-style: none;
  padding: 0;
}
ul > :deep(li) {
  display: grid;
  gap: 1px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
ul :deep(.note) {
  font-style: italic;
}
ul :deep(.acts) {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 6px;
}
</style>
