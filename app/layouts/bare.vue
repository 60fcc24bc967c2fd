<template>
  <main class="bare">
    <slot />
  </main>
</template>

<style scoped>
.bare {
  height: 100dvh;
  overflow-y: auto;
}
</style>
