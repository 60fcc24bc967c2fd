<script setup lang="ts">
// Files, or a whole folder of the desktop, chosen to be brought in.
import { ref } from 'vue'
import type { FolderId } from '../../../core/ids'
import { pickedWithPaths } from '../../composables/droppedFiles'
import { useUploads } from '../../stores/uploads'

const props = defineProps<{ /** Where they go; null: the In-tray. */ to: FolderId | null }>()
const uploads = useUploads()
const files = ref<HTMLInputElement | null>(null)
const folder = ref<HTMLInputElement | null>(null)

function picked(event: Event): void {
  const input = event.target as HTMLInputElement
  const chosen = pickedWithPaths([...(input.files ?? [])])
  input.value = ''
  void uploads.bring(chosen, props.to)
}

defineExpose({ files: () => files.value?.click(), folder: () => folder.value?.click() })
</script>

<template>
  <span>
    <input ref="files" type="file" multiple hidden aria-label="Files to bring in" @change="picked" />
    <input
      ref="folder"
      type="file"
      multiple
      webkitdirectory
      hidden
      aria-label="A folder of the desktop to bring in"
      @change="picked" />
  </span>
</template>
