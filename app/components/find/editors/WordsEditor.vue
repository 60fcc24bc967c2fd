<script setup lang="ts">
// Words: next to each other, or one word in any form. Of words inside only, how they compare is given.
import type { LeafRule } from '../../../../core/find/index'
import { wordsOf } from '../../../../core/text/index'

type WordsRule = Extract<LeafRule, { kind: 'word' | 'phrase' | 'inside' }>
const props = defineProps<{ rule: WordsRule }>()
const emit = defineEmits<{ change: [rule: WordsRule] }>()

const wordsIn = (rule: WordsRule) => (rule.kind === 'word' ? [rule.text] : rule.words)

function setWords(text: string): void {
  set(
    props.rule.kind,
    wordsOf(text).map(word => word.text),
  )
}

function set(kind: WordsRule['kind'], words: readonly string[]): void {
  const [first] = words
  if (kind === 'inside') emit('change', { kind, words })
  else if (kind === 'word' && first !== undefined) emit('change', { kind, text: first, prefix: false })
  else emit('change', { kind: 'phrase', words })
}
</script>

<template>
  <select
    v-if="rule.kind !== 'inside'"
    class="line-field"
    aria-label="How it compares"
    :value="rule.kind"
    @change="set(($event.target as HTMLSelectElement).value === 'word' ? 'word' : 'phrase', wordsIn(rule))">
    <option value="phrase">stand next to each other</option>
    <option value="word">one word, any form of it</option>
  </select>
  <span v-else class="second">stand next to each other in the text</span>
  <input
    class="line-field wide"
    :value="wordsIn(rule).join(' ')"
    aria-label="Words"
    placeholder="words"
    @change="setWords(($event.target as HTMLInputElement).value)" />
</template>
