<script setup lang="ts">
// With a star, or without.
import type { LeafRule } from '../../../../core/find/index'
import ChoiceField from '../../base/ChoiceField.vue'

type StarRule = Extract<LeafRule, { kind: 'star' }>
defineProps<{ rule: StarRule }>()
const emit = defineEmits<{ change: [rule: StarRule] }>()
</script>

<template>
  <ChoiceField
    class="line-field"
    label="Star"
    :model-value="rule.on ? 'on' : 'off'"
    :choices="[
      { value: 'on', text: 'is given' },
      { value: 'off', text: 'is not given' },
    ]"
    @update:model-value="emit('change', { kind: 'star', on: $event === 'on' })" />
</template>
