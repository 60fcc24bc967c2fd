<script setup lang="ts">
// Several lines of text.
import { ref } from 'vue'
import type { VTextarea } from 'vuetify/components'

const text = defineModel<string>({ default: '' })
const field = ref<VTextarea | null>(null)

defineExpose({ focus: () => field.value?.$el.querySelector('textarea')?.focus() })
</script>

<template>
  <v-textarea ref="field" v-model="text" class="plain-field line-field" variant="plain" single-line hide-details />
</template>
