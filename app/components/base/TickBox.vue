<script setup lang="ts">
// On or off, with its words behind it.
const on = defineModel<boolean>({ default: false })
</script>

<template>
  <v-checkbox-btn v-model="on" class="tick">
    <template v-if="$slots.default" #label><slot /></template>
  </v-checkbox-btn>
</template>
