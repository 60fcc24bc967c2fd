<script setup lang="ts">
// One rule: what it is about, and the control of that field. Everything is pointed at or typed in its own field.
import { computed } from 'vue'
import type { LeafRule } from '../../../core/find/index'
import { fieldOf, FIELDS } from '../../../core/find/index'
import { EDITORS } from './editors'
import ChoiceField from '../base/ChoiceField.vue'

const props = defineProps<{ rule: LeafRule }>()
const emit = defineEmits<{ change: [rule: LeafRule] }>()

const field = computed(() => fieldOf(props.rule))
const editor = computed(() => EDITORS[field.value?.editor ?? 'nothing'])

const CHOICES: readonly { value: string; text: string }[] = FIELDS.map(({ key, name }) => ({ value: key, text: name }))

function pickField(key: string): void {
  const picked = FIELDS.find(one => one.key === key)
  if (picked && picked !== field.value) emit('change', picked.fresh())
}
</script>

<template>
  <div class="rule-row">
    <ChoiceField
      class="line-field"
      label="What the rule is about"
      :model-value="field?.key ?? ''"
      :choices="CHOICES"
      @update:model-value="pickField" />
    <component :is="editor" v-if="editor" :rule="rule" @change="(changed: LeafRule) => emit('change', changed)" />
    <span v-else class="second">as another document</span>
  </div>
</template>

<style scoped>
.rule-row {
  display: flex;
  gap: 6px;
  align-items: center;
  flex: 1;
  min-width: 0;
  flex-wrap: wrap;
}
.rule-row :deep(.line-field) {
  width: auto;
  padding: 2px 6px;
  height: 26px;
  font-size: 13px;
  max-width: 100%;
}
.rule-row :deep(.wide) {
  flex: 1;
  min-width: 120px;
  max-width: 340px;
}
.rule-row :deep(.short) {
  width: 84px;
}
</style>
