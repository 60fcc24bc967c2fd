<script setup lang="ts">
import type { FolderId } from '../../../core/ids'
import { usePlaceNames } from '../../stores/placeNames'

defineProps<{
  folders: readonly { readonly id: FolderId }[]
  /** The one that Enter goes to. */
  coded: FolderId | null
}>()
const placeNames = usePlaceNames()
</script>

<template>
  <p v-if="folders.length > 0" class="folders">
    <NuxtLink v-for="folder in folders" :key="folder.id" class="place" :to="`/plan/${folder.id}`">
      {{ placeNames.placeOf(folder.id)?.text }}
      <span v-if="folder.id === coded" class="key">Enter</span>
    </NuxtLink>
  </p>
</template>

<style scoped>
.folders {
  display: flex;
  gap: 16px;
  flex-wrap: wrap;
  margin-top: 3px;
}
</style>
