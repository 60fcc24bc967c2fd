<script setup lang="ts">
// The browser's own chooser of files, opened by an act elsewhere.
import { ref } from 'vue'

defineProps<{
  label: string
  accept?: string
  /** More than one. */
  several?: boolean
  /** A whole folder of the desktop. */
  folder?: boolean
}>()
const emit = defineEmits<{ picked: [files: File[]] }>()
const input = ref<HTMLInputElement | null>(null)

function tell(): void {
  if (!input.value) return
  const files = [...(input.value.files ?? [])]
  input.value.value = ''
  if (files.length > 0) emit('picked', files)
}

defineExpose({ open: () => input.value?.click() })
</script>

<template>
  <input
    ref="input"
    type="file"
    hidden
    :multiple="several || folder"
    :accept="accept"
    :aria-label="label"
    :webkitdirectory="folder || undefined"
    @change="tell" />
</template>
