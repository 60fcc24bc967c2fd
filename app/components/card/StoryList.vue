<script setup lang="ts">
// What was done to one folder or document, the newest first.
import { ref, watch } from 'vue'
import type { ChangeEntry } from '../../../contract/change'
import { isUndoable } from '../../../core/change/index'
import { timeText } from '../../../core/dates/index'
import { onPlanEvent } from '../../composables/usePlanEvents'
import { useActs } from '../../stores/acts'
import { readStory } from '../../stores/history'
import { refusalOf } from '../../stores/remote'

const props = defineProps<{ id: string; /** Without the act that opens and closes it. */ always?: boolean }>()
const acts = useActs()
const isOpen = ref(props.always)
const entries = ref<readonly ChangeEntry[]>([])
const refused = ref('')
const SHOWN = 12

async function load(): Promise<void> {
  if (!isOpen.value) return
  const { id } = props
  try {
    const story = await readStory(id)
    if (id === props.id) {
      entries.value = story
      refused.value = ''
    }
  } catch (error) {
    refused.value = refusalOf(error).message
  }
}
watch([() => props.id, isOpen], load, { immediate: true })
onPlanEvent(event => {
  if (event.type !== 'reading') void load()
})
</script>

<template>
  <v-btn v-if="!always" class="place" :aria-expanded="isOpen" @click="isOpen = !isOpen">
    {{ isOpen ? 'hide' : 'what was done to it' }}
  </v-btn>
  <p v-if="refused" class="warn">
    {{ refused }}
  </p>
  <ol v-if="isOpen">
    <li v-for="entry in entries.slice(0, SHOWN)" :key="entry.id" :class="{ undone: entry.undoneBy !== null }">
      <span class="quiet">{{ timeText(entry.at) }}</span> {{ entry.label }}
      <v-btn
        v-if="entry.undoneBy === null && isUndoable(entry.kind)"
        class="place"
        :aria-label="`Undo: ${entry.label}`"
        @click="acts.undo(entry.id)">
        {{ entry.kind === 'undo' ? 'Do again' : 'Undo' }}
      </v-btn>
    </li>
    <li v-if="entries.length > SHOWN" class="quiet">and {{ entries.length - SHOWN }} more in History</li>
  </ol>
</template>

<style scoped>
ol {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 4px;
  margin-top: 4px;
  font-size: 12.5px;
}
li {
  border-top: 1px solid var(--rule);
  padding-top: 3px;
  overflow-wrap: anywhere;
}
.undone {
  color: var(--ink-3);
}
</style>
