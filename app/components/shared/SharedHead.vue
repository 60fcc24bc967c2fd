<script setup lang="ts">
// What was given, by whom, what one may do with it and until when; and what was done last.
import { computed } from 'vue'
import type { Shared } from '../../../contract/shared'
import { dateText } from '../../../core/dates/index'
import { ROLE_VERBS } from '../../stores/roleTexts'
import { useSharedActs } from '../../stores/sharedActs'
import { useSharedThing } from '../../stores/sharedThing'

const props = defineProps<{ shared: Shared }>()
const [thing, acts] = [useSharedThing(), useSharedActs()]
/** What History says of it names places that were not given. */
const DONE: Readonly<Record<string, string>> = {
  'folder.create': 'The folder was made.',
  'folder.rename': 'The folder was renamed.',
  'document.add': 'It was added.',
  'document.rename': 'It was renamed.',
  trash: 'It was deleted for everyone.',
  undo: 'It was undone.',
}
const may = computed(() => {
  const { from, role, until, isOwn } = props.shared
  const end = until === null ? '' : `, until ${dateText(until)}`
  if (isOwn) return `This is what they see. They may ${ROLE_VERBS[role]} it${end}.`
  return from === null ? `Given to you to read${end}.` : `From ${from}. You may ${ROLE_VERBS[role]} it${end}.`
})
</script>

<template>
  <header>
    <h1>{{ shared.name }}</h1>
    <p class="second">
      {{ may }}
      <a v-if="shared.folders.length > 0" class="place" :href="thing.archive">Download all as one ZIP</a>
    </p>
    <p v-if="shared.note" class="note">“{{ shared.note }}”</p>
    <p v-if="acts.refused" class="warn" role="alert">{{ acts.refused }}</p>
    <p v-else-if="acts.done" class="second" role="status">
      {{ DONE[acts.done.kind] ?? 'Done.' }}
      <v-btn v-if="acts.done.kind !== 'undo'" class="place" @click="acts.undo()">Undo</v-btn>
    </p>
  </header>
</template>

<style scoped>
header {
  border-bottom: 2px solid var(--ink);
  padding-bottom: 12px;
}
.note {
  font-style: italic;
  margin-top: 4px;
}
</style>
