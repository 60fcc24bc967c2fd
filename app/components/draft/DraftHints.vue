<script setup lang="ts">
// What to think of in a draft, line by line; how many levels are fine is the person's to say.
import type { Compared } from '../../stores/draftComparison'
import { useDraftComparison } from '../../stores/draftComparison'
import { counted } from '../../../core/change/index'
import LineField from '../base/LineField.vue'

defineProps<{ hints: Compared['hints'] }>()
const emit = defineEmits<{ line: [line: number] }>()
const comparison = useDraftComparison()
</script>

<template>
  <details v-if="hints.length > 0" class="hints">
    <summary>
      {{ counted(hints.length, 'hint') }}
      <label
        >levels that are fine
        <LineField
          :model-value="String(comparison.settings.levels)"
          class="line-field"
          type="number"
          min="1"
          max="12"
          @click.stop
          @update:model-value="comparison.settings = { ...comparison.settings, levels: Number($event) }"
      /></label>
    </summary>
    <ul>
      <li v-for="hint in hints.slice(0, 80)" :key="`${hint.line}${hint.text}`">
        <v-btn class="place" @click="emit('line', hint.line)">Line {{ hint.line + 1 }}</v-btn>
        {{ hint.text }}
      </li>
    </ul>
  </details>
</template>

<style scoped>
.hints {
  font-size: 12.5px;
  padding: 2px 0;
  flex: none;
  max-height: 150px;
  overflow-y: auto;
}
ul {
  padding-left: 16px;
}
summary {
  cursor: pointer;
}
label {
  margin-left: 12px;
  color: var(--ink-2);
}
.v-input {
  width: 52px;
  padding: 1px 5px;
}
</style>
