<script setup lang="ts">
// A short text: how it compares, and with what.
import type { LeafRule } from '../../../../core/find/index'
import { TEXT_OP_NAMES, TEXT_OPS } from '../../../../core/find/index'
import ChoiceField from '../../base/ChoiceField.vue'
import LineField from '../../base/LineField.vue'

type TextRule = Extract<LeafRule, { kind: 'text' }>
defineProps<{ rule: TextRule }>()
const emit = defineEmits<{ change: [rule: TextRule] }>()
</script>

<template>
  <ChoiceField
    class="line-field"
    label="How it compares"
    :model-value="rule.op"
    :choices="TEXT_OPS.map(op => ({ value: op, text: TEXT_OP_NAMES[op] }))"
    @update:model-value="op => emit('change', { ...rule, op })" />
  <LineField
    class="line-field wide"
    :model-value="rule.value"
    aria-label="Text"
    placeholder="text"
    @change="emit('change', { ...rule, value: $event })" />
</template>
