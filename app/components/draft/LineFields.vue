<script setup lang="ts">
// The line of the cursor by pointing: number, colour, purpose, and where it stands. It writes the notation.
import { mdiArrowDown, mdiArrowLeft, mdiArrowRight, mdiArrowUp } from '@mdi/js'
import { computed } from 'vue'
import type { Meaning } from '../../../contract/plan'
import { parseLine, writeLine } from '../../../core/draft/index'

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
    <button type="button" class="act" title="Out (Shift+Tab)" aria-label="Out" @click="emit('outdent')">
      <v-icon :icon="mdiArrowLeft" size="16" />
    </button>
    <button type="button" class="act" title="In (Tab)" aria-label="In" @click="emit('indent')">
      <v-icon :icon="mdiArrowRight" size="16" />
    </button>
    <button type="button" class="act" title="Up (Alt+↑)" aria-label="Up" @click="emit('up')">
      <v-icon :icon="mdiArrowUp" size="16" />
    </button>
    <button type="button" class="act" title="Down (Alt+↓)" aria-label="Down" @click="emit('down')">
      <v-icon :icon="mdiArrowDown" size="16" />
    </button>
    <label
      >Number
      <input
        class="line-field number"
        :value="number"
        placeholder="in order"
        title="A number, own text (Q1), or - to leave it out of the numbers"
        @change="setNumber(($event.target as HTMLInputElement).value)"
    /></label>
    <label
      >Colour
      <select
        class="line-field colour"
        aria-label="Colour"
        :value="facts.meaning ?? ''"
        @change="emit('set', writeLine({ ...facts, meaning: ($event.target as HTMLSelectElement).value || null }))">
        <option value="">of its parent</option>
        <option
          v-if="facts.meaning && !meanings.some(meaning => meaning.name === facts.meaning)"
          :value="facts.meaning">
          {{ facts.meaning }} (new)
        </option>
        <option v-for="meaning in meanings" :key="meaning.id" :value="meaning.name">{{ meaning.name }}</option>
      </select></label
    >
    <label class="wide"
      >Purpose
      <input
        class="line-field"
        :value="facts.purpose"
        placeholder="what belongs there"
        @change="emit('set', writeLine({ ...facts, purpose: ($event.target as HTMLInputElement).value }))"
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
