<script setup lang="ts">
// A few words, or a recording, straight into the In-tray.
import { useEventListener } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRecorder } from '../../composables/useRecorder'
import { takeKey } from '../../composables/useShortcuts'
import { useKeeping } from '../../stores/keeping'
import { useUploads } from '../../stores/uploads'
import NoteField from '../base/NoteField.vue'
import PaperDialog from '../common/PaperDialog.vue'

const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()

const [keeping, uploads] = [useKeeping(), useUploads()]
const { file, isRecording, seconds, refused, start, stop, drop } = useRecorder()
const words = ref('')
const why = ref('')
const time = computed(() => `${Math.floor(seconds.value / 60)}:${String(seconds.value % 60).padStart(2, '0')}`)
const isEmpty = computed(() => words.value.trim() === '' && file.value === null)

watch(
  () => props.open,
  open => {
    if (!open) drop()
    why.value = ''
  },
)

/** What was written goes once it is kept; where it is refused, all of it stays. */
async function keep(): Promise<void> {
  if (isEmpty.value || isRecording.value) return
  if (words.value.trim() !== '') {
    why.value = (await keeping.text(words.value.trim(), null, 'memo')) ?? ''
    if (why.value !== '') return
    words.value = ''
  }
  if (file.value) void uploads.add([file.value], null)
  emit('close')
}
// Wherever the keys are: the act that was pressed last may be gone.
useEventListener('keydown', event => {
  if (!props.open || event.key !== 'Enter' || !(event.ctrlKey || event.metaKey)) return
  takeKey(event)
  void keep()
})
</script>

<template>
  <PaperDialog :open="open" :width="480" label="Jot down" title="Into the In-tray" @leave="emit('close')">
    <NoteField v-model="words" data-begins rows="5" aria-label="A few words" placeholder="A few words…" />
    <p class="sound" role="status">
      <v-btn v-if="!isRecording" class="act" @click="start">{{ file ? 'Record it anew' : 'Record' }}</v-btn>
      <v-btn v-else class="act" @click="stop">Stop</v-btn>
      <span v-if="isRecording" class="warn">recording, {{ time }}</span>
      <span v-else-if="file">{{ file.name }}, {{ time }}</span>
      <span v-if="refused" class="warn">{{ refused }}</span>
    </p>
    <p v-if="why" class="warn" role="alert">{{ why }}</p>
    <template #acts>
      <v-btn class="act main" :disabled="isEmpty || isRecording" @click="keep">
        Keep <span class="key">Ctrl+Enter</span>
      </v-btn>
      <v-btn class="act" @click="emit('close')">Leave it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.sound {
  display: flex;
  gap: 10px;
  align-items: baseline;
  margin-top: 8px;
}
</style>
