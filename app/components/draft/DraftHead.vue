<script setup lang="ts">
// What is drafted, how a line is written, and what the draft is called.
import { useDraft } from '../../stores/draft'
import LineField from '../base/LineField.vue'

defineProps<{ where: string }>()
const emit = defineEmits<{ search: [] }>()
const draft = useDraft()

const KEEPING = {
  kept: 'kept',
  waiting: 'will be kept in a moment',
  keeping: 'being kept',
  failed: 'could not be kept yet; it is tried again',
}
</script>

<template>
  <div>
    <h1>{{ draft.additive ? 'New folders in' : 'Draft of' }} {{ where }}</h1>
    <p class="second">
      One folder a line; indent to go inside. Nothing changes until it is applied.
      <span class="quiet">#30 in front is a number, [Urgent] a colour, -- a purpose, {01..12} makes many.</span>
    </p>
    <p class="bar">
      <label
        >Name <LineField v-model="draft.name" class="line-field" placeholder="for when it is continued later"
      /></label>
      <span class="quiet" role="status">{{ KEEPING[draft.keeping] }}</span>
      <v-btn class="act" @click="emit('search')"> Find and replace <span class="key">Ctrl+F</span> </v-btn>
    </p>
  </div>
</template>

<style scoped>
h1 {
  font-size: 24px;
  line-height: 32px;
}
.bar {
  display: flex;
  gap: 12px;
  align-items: center;
  padding-top: 8px;
  font-size: 12.5px;
}
.bar label {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  flex: 1;
  max-width: 300px;
  color: var(--ink-2);
}
</style>
