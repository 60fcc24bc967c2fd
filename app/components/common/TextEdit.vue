<script setup lang="ts">
// A note (a folder's purpose, a document's remark) that turns into a field when it is clicked.
import { nextTick, ref } from 'vue'
import NoteField from '../base/NoteField.vue'

const props = defineProps<{
  value: string
  label: string
  /** What stands there while there is none. */
  empty: string
  serif?: boolean
}>()
const emit = defineEmits<{ keep: [text: string] }>()

const editing = ref(false)
const text = ref('')
const field = ref<InstanceType<typeof NoteField> | null>(null)

function begin(): void {
  text.value = props.value
  editing.value = true
  void nextTick(() => field.value?.focus())
}

function finish(keep: boolean): void {
  if (!editing.value) return
  editing.value = false
  if (keep && text.value.trim() !== props.value) emit('keep', text.value)
}

defineExpose({ begin })
</script>

<template>
  <NoteField
    v-if="editing"
    ref="field"
    v-model="text"
    rows="3"
    :aria-label="label"
    @keydown.enter.exact.prevent="finish(true)"
    @keydown.esc.stop="finish(false)"
    @keydown.stop
    @blur="finish(true)" />
  <v-btn v-else class="note" :class="{ none: value === '', serif }" :title="`${label}: click to write`" @click="begin">
    {{ value === '' ? empty : value }}
  </v-btn>
</template>

<style scoped>
.note {
  white-space: pre-line;
  display: block;
  padding: 1px 3px;
  margin: -1px -3px;
  overflow-wrap: anywhere;
}
.note:hover {
  background: var(--act-soft);
}
.note.serif {
  font-style: italic;
  color: var(--ink-2);
}
.note.none {
  color: var(--ink-3);
}
</style>
