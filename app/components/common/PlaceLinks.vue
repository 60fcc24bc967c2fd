<script setup lang="ts">
// The places of a document, each a link with its code.
import { computed } from 'vue'
import type { FolderId } from '../../../core/ids'
import { usePlaceNames } from '../../stores/placeNames'

const props = defineProps<{ folderIds: readonly (FolderId | null)[]; lines?: boolean }>()
const placeNames = usePlaceNames()
const places = computed(() =>
  props.folderIds.flatMap(id => {
    const place = placeNames.placeOf(id)
    return place
      ? [{ text: place.text, path: placeNames.pathText(id), to: id === null ? '/in-tray' : `/plan/${id}` }]
      : []
  }),
)
</script>

<template>
  <span class="places" :class="{ lines }">
    <NuxtLink
      v-for="place in places"
      :key="place.to"
      class="place cut"
      :to="place.to"
      :title="place.path"
      tabindex="-1"
      @click.stop
      >{{ place.text }}</NuxtLink
    >
  </span>
</template>

<style scoped>
.places {
  display: inline-flex;
  gap: 9px;
  min-width: 0;
  max-width: 100%;
}
.places.lines {
  flex-direction: column;
  gap: 1px;
}
</style>
