<script setup lang="ts">
// One line of a sentence with blanks to fill in.
</script>

<template>
  <p class="line"><slot /></p>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 8px;
  margin-bottom: 10px;
}
</style>
