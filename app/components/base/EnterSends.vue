<script setup lang="ts">
// Lets Enter in any field of a form send it, where its acts stand outside of it.
</script>

<template>
  <v-btn type="submit" class="enter-sends" tabindex="-1" aria-hidden="true" />
</template>

<style scoped>
.enter-sends {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  opacity: 0;
}
</style>
