<script setup lang="ts">
defineProps<{
  /** Ink of the key, or null for no colour. */
  ink: string | null
}>()
</script>

<template>
  <span class="stripe" :style="{ background: ink ?? 'var(--no-colour)' }" aria-hidden="true" />
</template>

<style scoped>
.stripe {
  display: inline-block;
  width: 6px;
  align-self: stretch;
  flex: none;
}
</style>
