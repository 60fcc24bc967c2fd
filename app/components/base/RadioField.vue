<script setup lang="ts" generic="T extends string | number | null">
// One of a few values, all of them in sight.
defineProps<{
  label: string
  choices: readonly { readonly value: T; readonly text: string }[]
  /** Side by side. */
  inline?: boolean
}>()
const chosen = defineModel<T>({ required: true })
</script>

<template>
  <v-radio-group v-model="chosen" class="radio-field" :inline="inline" :aria-label="label">
    <v-radio v-for="{ value, text } in choices" :key="String(value)" :value="value" :label="text" />
  </v-radio-group>
</template>
