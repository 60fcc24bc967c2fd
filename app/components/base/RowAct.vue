<script setup lang="ts">
// An act on a row: as light as RowTick, for the same reason.
</script>

<template>
  <button type="button" class="row-act"><slot /></button>
</template>
