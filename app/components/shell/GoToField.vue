<script setup lang="ts">
// A few letters of an act, a place, a document or a tag, and Enter: it is gone to, or done.
import { watchDebounced } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { useGoTo } from '../../acts/useGoTo'
import type { GoToAnswer } from '../../acts/useGoTo'
import LineField from '../base/LineField.vue'
import PaperDialog from '../common/PaperDialog.vue'

const props = defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()

const typed = ref('')
const at = ref(0)
const list = ref<HTMLElement | null>(null)
const { answers, look } = useGoTo(typed)
const current = computed(() => answers.value[at.value])

watch(
  () => props.open,
  open => {
    if (open) typed.value = ''
    at.value = 0
  },
)
watch(typed, () => (at.value = 0))
watchDebounced(typed, text => look(text), { debounce: 60 })
watch(at, async () => {
  await nextTick()
  list.value?.querySelector('[aria-selected="true"]')?.scrollIntoView({ block: 'nearest' })
})

/** The sheet closes first: what is done may open another one. */
async function take(answer: GoToAnswer | undefined): Promise<void> {
  if (!answer) return
  emit('close')
  await nextTick()
  answer.run()
}

function press(event: KeyboardEvent): void {
  if (event.key === 'ArrowDown') at.value = Math.min(answers.value.length - 1, at.value + 1)
  else if (event.key === 'ArrowUp') at.value = Math.max(0, at.value - 1)
  else if (event.key === 'Enter') void take(current.value)
  else return
  event.preventDefault()
}
</script>

<template>
  <PaperDialog :open="open" :width="620" label="Go to or do" title="Go to or do" @leave="emit('close')">
    <LineField
      v-model="typed"
      data-begins
      class="line-field"
      placeholder="A few letters of an act, a place, a tag or a document…"
      aria-label="Go to or do"
      role="combobox"
      aria-autocomplete="list"
      aria-controls="go-to-answers"
      :aria-expanded="answers.length > 0"
      :aria-activedescendant="current ? `go-to-${at}` : undefined"
      autocomplete="off"
      @keydown="press" />
    <div id="go-to-answers" ref="list" class="answers" role="listbox" aria-label="What is meant">
      <div
        v-for="(answer, index) in answers"
        :id="`go-to-${index}`"
        :key="answer.key"
        class="answer"
        role="option"
        :class="{ at: index === at }"
        :aria-selected="index === at"
        @mousemove="at = index"
        @click="take(answer)">
        <span class="cut name">{{ answer.name }}</span>
        <span class="cut note">{{ answer.note }}</span>
        <span class="key">{{ answer.shortcut }}</span>
      </div>
    </div>
    <template #acts>
      <span class="quiet"><span class="key">↑ ↓</span> choose <span class="key">Enter</span> does it</span>
      <v-btn class="act" @click="emit('close')">Leave it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.answers {
  height: min(380px, 48vh);
  margin-top: 8px;
  overflow-y: auto;
}
.answer {
  display: flex;
  gap: 10px;
  align-items: center;
  height: 30px;
  padding: 0 8px;
  border-bottom: 1px solid var(--rule);
  cursor: default;
}
.answer.at {
  background: var(--act-soft);
}
.name {
  flex: 0 1 auto;
  font-weight: 600;
}
.note {
  flex: 1 1 40%;
  color: var(--ink-3);
  font-size: 12.5px;
}
.answer .key:empty {
  display: none;
}
</style>
