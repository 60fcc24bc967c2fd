<script setup lang="ts">
// The box that selects a row. Rows are drawn by the dozen in each frame of scrolling, where the framework's box costs
// as much as the row; this one is the browser's.
const on = defineModel<boolean>({ default: false })

function tell(event: Event): void {
  // What is selected says the list, and the box after it.
  if (event.target instanceof HTMLInputElement) event.target.checked = on.value
  on.value = !on.value
}
</script>

<template>
  <input type="checkbox" class="row-tick" :checked="on" @change="tell" />
</template>

<style scoped>
.row-tick {
  accent-color: var(--act);
  width: 14px;
  height: 14px;
}
</style>
