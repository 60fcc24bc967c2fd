<script setup lang="ts">
// Files, or a whole folder of the desktop, chosen to be brought in.
import { ref } from 'vue'
import type { FolderId } from '../../../core/ids'
import { pickedWithPaths } from '../../composables/droppedFiles'
import { useUploads } from '../../stores/uploads'
import FileChooser from '../base/FileChooser.vue'

const props = defineProps<{ /** Where they go; null: the In-tray. */ to: FolderId | null }>()
const uploads = useUploads()
const files = ref<InstanceType<typeof FileChooser> | null>(null)
const folder = ref<InstanceType<typeof FileChooser> | null>(null)

const bring = (picked: readonly File[]) => void uploads.bring(pickedWithPaths(picked), props.to)

defineExpose({ files: () => files.value?.open(), folder: () => folder.value?.open() })
</script>

<template>
  <span>
    <FileChooser ref="files" label="Files to bring in" several @picked="bring" />
    <FileChooser ref="folder" label="A folder of the desktop to bring in" folder @picked="bring" />
  </span>
</template>
