<script setup lang="ts">
// What was done to one thing, each with a way to take it back.
import type { MeantThing } from '../../stores/dialogs'
import StoryList from '../card/StoryList.vue'
import PaperDialog from '../common/PaperDialog.vue'

defineProps<{ thing: MeantThing | null }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <PaperDialog
    :open="thing !== null"
    :width="560"
    label="Story"
    :title="`What was done to “${thing?.name ?? ''}”`"
    @leave="emit('close')">
    <StoryList v-if="thing" :id="thing.id" always />
    <template #acts>
      <v-btn class="act main" data-begins @click="emit('close')">Close <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>
