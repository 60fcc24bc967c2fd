<script setup lang="ts">
// Before a run of changes is taken back: what all that is.
import type { ChangeEntry } from '../../../contract/change'
import { counted } from '../../../core/change/index'
import { timeText } from '../../../core/dates/index'
import PaperDialog from '../common/PaperDialog.vue'

defineProps<{
  /** The oldest that is taken back; null: the sheet is away. */
  since: ChangeEntry | null
  /** All of it, the newest first, as far as it is shown on the page. */
  changes: readonly ChangeEntry[]
}>()
const emit = defineEmits<{ leave: []; undo: [] }>()
</script>

<template>
  <PaperDialog
    :open="since !== null"
    :width="560"
    label="Undo everything since"
    :title="`Undo everything since ${since ? timeText(since.at) : ''}?`"
    @leave="emit('leave')">
    <p class="second">
      {{ counted(changes.length, 'change') }}, the newest first; all of them, or none when something stands against one.
      Each can be done again.
    </p>
    <ol>
      <li v-for="change in changes" :key="change.id">
        {{ change.label }}
      </li>
    </ol>
    <template #acts>
      <v-btn class="act full" @click="emit('undo')">Undo {{ counted(changes.length, 'change') }}</v-btn>
      <v-btn class="act" data-begins @click="emit('leave')">Leave it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
ol {
  list-style: none;
  padding: 0;
  max-height: 40vh;
  overflow-y: auto;
  margin-top: 8px;
}
li {
  border-bottom: 1px solid var(--rule);
  padding: 5px 0;
}
</style>
