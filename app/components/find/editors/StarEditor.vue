<script setup lang="ts">
// With a star, or without.
import type { LeafRule } from '../../../../core/find/index'

type StarRule = Extract<LeafRule, { kind: 'star' }>
defineProps<{ rule: StarRule }>()
const emit = defineEmits<{ change: [rule: StarRule] }>()
</script>

<template>
  <select
    class="line-field"
    aria-label="Star"
    :value="rule.on ? 'on' : 'off'"
    @change="emit('change', { kind: 'star', on: ($event.target as HTMLSelectElement).value === 'on' })">
    <option value="on">is given</option>
    <option value="off">is not given</option>
  </select>
</template>
