<script setup lang="ts">
// A heading in a list, as a row of its own for those who hear the page. Its height is known to the lists that
// measure.
defineProps<{ text: string }>()
</script>

<template>
  <div role="row">
    <div role="gridcell">
      <h2 class="heading">
        {{ text }}
      </h2>
    </div>
  </div>
</template>

<style scoped>
.heading {
  height: 38px;
  line-height: 30px;
  padding-top: 8px;
  font-size: 13.5px;
  color: var(--ink-2);
  border-bottom: 1px solid var(--rule-strong);
}
</style>
