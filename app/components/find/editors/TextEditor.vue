<script setup lang="ts">
// A short text: how it compares, and with what.
import type { LeafRule } from '../../../../core/find/index'
import { TEXT_OP_NAMES, TEXT_OPS } from '../../../../core/find/index'

type TextRule = Extract<LeafRule, { kind: 'text' }>
const props = defineProps<{ rule: TextRule }>()
const emit = defineEmits<{ change: [rule: TextRule] }>()

function setOp(value: string): void {
  const op = TEXT_OPS.find(name => name === value)
  if (op) emit('change', { ...props.rule, op })
}
</script>

<template>
  <select
    class="line-field"
    aria-label="How it compares"
    :value="rule.op"
    @change="setOp(($event.target as HTMLSelectElement).value)">
    <option v-for="op in TEXT_OPS" :key="op" :value="op">{{ TEXT_OP_NAMES[op] }}</option>
  </select>
  <input
    class="line-field wide"
    :value="rule.value"
    aria-label="Text"
    placeholder="text"
    @change="emit('change', { ...rule, value: ($event.target as HTMLInputElement).value })" />
</template>
