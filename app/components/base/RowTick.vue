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
  appearance: none;
  flex: none;
  width: 13px;
  height: 13px;
  border: 1.5px solid var(--ink-3);
  background: var(--sheet);
  cursor: pointer;
}
.row-tick:checked {
  border-color: var(--act);
  background: var(--act);
}
.row-tick:checked::after {
  content: '';
  display: block;
  width: 4px;
  height: 8px;
  margin: -0.5px auto 0;
  border: solid var(--on-act);
  border-width: 0 1.5px 1.5px 0;
  transform: rotate(45deg);
}
</style>
