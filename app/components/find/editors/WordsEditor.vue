<script setup lang="ts">
// Words: next to each other, or one word in any form. Of words inside only, how they compare is given.
import type { LeafRule } from '../../../../core/find/index'
import { wordsOf } from '../../../../core/text/index'
import ChoiceField from '../../base/ChoiceField.vue'
import LineField from '../../base/LineField.vue'

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
  <ChoiceField
    v-if="rule.kind !== 'inside'"
    class="line-field"
    label="How it compares"
    :model-value="rule.kind"
    :choices="[
      { value: 'phrase', text: 'stand next to each other' },
      { value: 'word', text: 'one word, any form of it' },
    ]"
    @update:model-value="set($event, wordsIn(rule))" />
  <span v-else class="second">stand next to each other in the text</span>
  <LineField
    class="line-field wide"
    :model-value="wordsIn(rule).join(' ')"
    aria-label="Words"
    placeholder="words"
    @change="setWords" />
</template>
