<script setup lang="ts">
// The inks of a folder and of all it lies in, the outermost first; its own is the widest.
defineProps<{ inks: readonly (string | null)[] }>()
</script>

<template>
  <span class="stripes" aria-hidden="true">
    <i
      v-for="(ink, index) in inks"
      :key="index"
      :class="{ own: index === inks.length - 1 }"
      :style="{ background: ink ?? 'var(--no-colour)' }" />
  </span>
</template>

<style scoped>
.stripes {
  display: flex;
  gap: 2px;
  align-self: stretch;
  width: 24px;
  flex: none;
  overflow: hidden;
}
.stripes i {
  width: 2.5px;
}
.stripes i.own {
  width: 6px;
}
</style>
