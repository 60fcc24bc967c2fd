<script setup lang="ts">
defineProps<{ away: boolean }>()
</script>

<template>
  <p v-if="away" class="away" role="alert">
    Hembix does not answer at the moment. Nothing was lost; it is tried again by itself, and this page goes on when it
    is back.
  </p>
</template>

<style scoped>
.away {
  background: var(--warn);
  color: var(--sheet);
  padding: 5px 16px;
  text-align: center;
  flex: none;
  font-weight: 600;
}
</style>
