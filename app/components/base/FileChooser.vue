<script setup lang="ts">
// The browser's own chooser of files, opened by an act elsewhere.
import { ref } from 'vue'

const props = defineProps<{
  label: string
  accept?: string
  /** More than one. */
  several?: boolean
  /** A whole folder of the desktop. */
  folder?: boolean
  /** Where there is one, the camera is opened instead. */
  camera?: boolean
  /** Not an emitted event: those are dropped once the page has changed, and the files would be lost with them. */
  onPicked: (files: File[]) => void
}>()
const input = ref<HTMLInputElement | null>(null)

function tell(event: Event): void {
  const field = event.target as HTMLInputElement
  const files = [...(field.files ?? [])]
  field.value = ''
  if (files.length > 0) props.onPicked(files)
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
    :capture="camera ? 'environment' : undefined"
    :webkitdirectory="folder || undefined"
    @change="tell" />
</template>
