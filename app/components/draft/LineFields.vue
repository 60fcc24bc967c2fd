<script setup lang="ts">
// The line of the cursor by pointing: number, colour, purpose, and where it stands. It writes the notation.
import { mdiArrowDown, mdiArrowLeft, mdiArrowRight, mdiArrowUp } from '@mdi/js'
import { computed } from 'vue'
import type { Meaning } from '../../../contract/plan'
import { parseLine, writeLine } from '../../../core/draft/index'
import ChoiceField from '../base/ChoiceField.vue'
import LineField from '../base/LineField.vue'

const props = defineProps<{ text: string; meanings: readonly Meaning[] }>()
const emit = defineEmits<{ set: [text: string]; indent: []; outdent: []; up: []; down: [] }>()

const facts = computed(() => parseLine(props.text))
const number = computed(() =>
  !facts.value.numbered ? '-' : (facts.value.label ?? facts.value.number?.toString() ?? ''),
)

function setNumber(typed: string): void {
  const text = typed.trim().replace(/^#/, '')
  if (text === '') emit('set', writeLine({ ...facts.value, number: null, label: null, numbered: true }))
  else emit('set', `#${text} ${writeLine({ ...facts.value, number: null, label: null, numbered: true })}`)
}
</script>

<template>
  <div class="fields" role="group" aria-label="The line of the cursor">
    <v-btn class="act" title="Out (Shift+Tab)" aria-label="Out" @click="emit('outdent')">
      <v-icon :icon="mdiArrowLeft" size="16" />
    </v-btn>
    <v-btn class="act" title="In (Tab)" aria-label="In" @click="emit('indent')">
      <v-icon :icon="mdiArrowRight" size="16" />
    </v-btn>
    <v-btn class="act" title="Up (Alt+↑)" aria-label="Up" @click="emit('up')">
      <v-icon :icon="mdiArrowUp" size="16" />
    </v-btn>
    <v-btn class="act" title="Down (Alt+↓)" aria-label="Down" @click="emit('down')">
      <v-icon :icon="mdiArrowDown" size="16" />
    </v-btn>
    <label
      >Number
      <LineField
        class="line-field number"
        :model-value="number"
        placeholder="in order"
        title="A number, own text (Q1), or - to leave it out of the numbers"
        @change="setNumber"
    /></label>
    <label
      >Colour
      <ChoiceField
        class="line-field colour"
        label="Colour"
        :model-value="facts.meaning ?? ''"
        :choices="[
          { value: '', text: 'of its parent' },
          ...(facts.meaning && !meanings.some(meaning => meaning.name === facts.meaning)
            ? [{ value: facts.meaning, text: `${facts.meaning} (new)` }]
            : []),
          ...meanings.map(meaning => ({ value: meaning.name, text: meaning.name })),
        ]"
        @update:model-value="emit('set', writeLine({ ...facts, meaning: $event || null }))"
    /></label>
    <label class="wide"
      >Purpose
      <LineField
        class="line-field"
        :model-value="facts.purpose"
        placeholder="what belongs there"
        @change="emit('set', writeLine({ ...facts, purpose: $event }))"
    /></label>
  </div>
</template>

<style scoped>
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
  padding: 6px 0;
  color: var(--ink-2);
  font-size: 12.5px;
}
.fields .act {
  padding: 4px 5px;
}
label {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}
.number {
  width: 76px;
}
.colour {
  width: 128px;
}
.wide {
  flex: 1;
  min-width: 190px;
}
</style>
