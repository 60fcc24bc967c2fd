<script setup lang="ts">
// The first thing that Tab reaches: past the strip and the outline to what the page is about.

function skip(): void {
  const main = document.querySelector<HTMLElement>('[data-skip-to]') ?? document.querySelector<HTMLElement>('main')
  const heading = main?.querySelector<HTMLElement>('h1') ?? main
  heading?.setAttribute('tabindex', '-1')
  heading?.focus()
}
</script>

<template>
  <v-btn class="act full skip" @click="skip">To the page</v-btn>
</template>

<style scoped>
.skip {
  position: fixed;
  left: 16px;
  top: -60px;
  z-index: 40;
}
.skip:focus {
  top: 6px;
}
</style>
