<script setup lang="ts">
// Files, or a whole folder of the desktop, chosen to be brought in: one chooser for all places, opened by acts.
import { ref, watch } from 'vue'
import type { FolderId } from '../../../core/ids'
import { pickedWithPaths } from '../../composables/droppedFiles'
import { usePlaceWork } from '../../stores/placeWork'
import { useUploads } from '../../stores/uploads'
import FileChooser from '../base/FileChooser.vue'

const props = defineProps<{ /** Where they go unless the act said so; null: the In-tray. */ to: FolderId | null }>()
const [uploads, work] = [useUploads(), usePlaceWork()]
const files = ref<InstanceType<typeof FileChooser> | null>(null)
const folder = ref<InstanceType<typeof FileChooser> | null>(null)

watch(
  () => work.choosing,
  choosing => {
    if (choosing?.what === 'files') files.value?.open()
    else if (choosing) folder.value?.open()
  },
)
// Another place was opened: what was begun and left for the one before says nothing of it.
watch(
  () => props.to,
  () => {
    work.choosing = null
  },
)

function bring(picked: readonly File[]): void {
  const to = work.choosing ? work.choosing.to : props.to
  work.choosing = null
  void uploads.bring(pickedWithPaths(picked), to)
}
</script>

<template>
  <span>
    <FileChooser ref="files" label="Files to bring in" several @picked="bring" />
    <FileChooser ref="folder" label="A folder of the desktop to bring in" folder @picked="bring" />
  </span>
</template>
