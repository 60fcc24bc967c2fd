<script setup lang="ts">
// In the place of a folder that is not here: where it may be, and whom to ask for it.
import type { FolderId } from '../../../core/ids'
import AskForIt from '../shared/AskForIt.vue'

defineProps<{
  /** null: the address is none of a folder. */
  id: FolderId | null
}>()
</script>

<template>
  <div class="empty">
    <h2>This folder is not here</h2>
    <p>
      It was moved into the Trash, or its address is not right. What was put into the Trash can be restored from there.
    </p>
    <NuxtLink to="/trash" class="act main"> To the Trash </NuxtLink>
    <AskForIt v-if="id" :id="id" />
  </div>
</template>
