<script setup lang="ts">
// The find field: folders by code or name, documents by name, each with its place, while typing.
// Enter goes there, Alt+Enter shows it in the plan, Shift+Enter searches the words inside as well.
import { watchDebounced } from '@vueuse/core'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { useNames } from '../../stores/names'
import { useOpenPlace } from '../../composables/useOpenPlace'
import { useLately } from '../../stores/lately'
import LineField from '../base/LineField.vue'
import FindAnswer from './FindAnswer.vue'
import type { Answer } from './findAnswers'
import { useFindAnswers } from './findAnswers'

const [names, lately, openPlace, router] = [useNames(), useLately(), useOpenPlace(), useRouter()]
const typed = ref('')
const at = ref(0)
const isOpen = ref(false)
const field = ref<InstanceType<typeof LineField> | null>(null)
const { answers, placeOf, addressOf } = useFindAnswers(typed)

defineExpose({
  focus: () => {
    field.value?.focus()
    field.value?.select()
  },
})

watchDebounced(typed, text => names.look(text), { debounce: 60 })

function focused(): void {
  isOpen.value = true
  at.value = 0
  if (typed.value === '') void lately.load()
}

async function take(answer: Answer | undefined, show: boolean): Promise<void> {
  if (!answer) return
  if (answer.kind === 'search') {
    await search()
    return
  }
  const address = addressOf(answer, show)
  isOpen.value = false
  field.value?.blur()
  // Gone there: what stayed in the field would look as if it narrowed something.
  typed.value = ''
  await router.push(address)
}

function search(): Promise<unknown> {
  isOpen.value = false
  return router.push({ path: '/find', query: { q: typed.value.trim(), near: openPlace.value ?? undefined } })
}

function press(event: KeyboardEvent): void {
  if (event.key === 'ArrowDown') at.value = Math.min(answers.value.length - 1, at.value + 1)
  else if (event.key === 'ArrowUp') at.value = Math.max(0, at.value - 1)
  else if (event.key === 'Enter' && event.shiftKey) void search()
  else if (event.key === 'Enter') void take(answers.value[at.value], event.altKey)
  else if (event.key === 'Escape') {
    if (typed.value === '') field.value?.blur()
    typed.value = ''
    isOpen.value = false
  } else return
  event.preventDefault()
  event.stopPropagation()
}

function input(): void {
  at.value = 0
  isOpen.value = true
}
</script>

<template>
  <div class="find-field" role="search">
    <LineField
      ref="field"
      v-model="typed"
      class="line-field"
      data-find
      placeholder="Go to a number, or find a name…"
      aria-label="Find"
      role="combobox"
      aria-autocomplete="list"
      aria-controls="find-answers"
      :aria-expanded="isOpen && answers.length > 0"
      :aria-activedescendant="isOpen && answers.length > 0 ? `answer-${at}` : undefined"
      autocomplete="off"
      @input="input"
      @focus="focused"
      @blur="isOpen = false"
      @keydown="press" />
    <span v-if="typed === ''" class="key slash" aria-hidden="true">/</span>
    <div v-if="isOpen && answers.length > 0" id="find-answers" class="answers" role="listbox" aria-label="Found">
      <p v-if="names.corrected" class="corrected">Showing {{ names.corrected.to }} for “{{ names.corrected.typed }}”</p>
      <FindAnswer
        v-for="(answer, index) in answers"
        :id="`answer-${index}`"
        :key="answer.key"
        :answer="answer"
        :place="placeOf(answer)"
        :is-at="index === at"
        @mousedown.prevent="take(answer, $event.altKey)"
        @mousemove="at = index" />
      <p class="foot">
        <span class="key">Enter</span> opens <span class="key">Alt+Enter</span> shows it in the plan
        <span class="key">Shift+Enter</span> searches inside
      </p>
    </div>
  </div>
</template>

<style scoped>
.find-field {
  position: relative;
}
.line-field {
  height: 33px;
  padding-right: 34px;
}
.slash {
  position: absolute;
  right: 9px;
  top: 8px;
}
.answers {
  position: absolute;
  z-index: 30;
  top: 100%;
  left: 0;
  width: min(560px, 92vw);
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  margin-top: 2px;
}
.corrected {
  padding: 5px 10px;
  color: var(--warn);
  border-bottom: 1px solid var(--rule);
}
.foot {
  border-top: 1px solid var(--rule);
  padding: 5px 10px;
  font-size: 11.5px;
  color: var(--ink-3);
}
</style>
