<script setup lang="ts">
// Which field holds nothing.
import { computed } from 'vue'
import type { LeafRule } from '../../../../core/find/index'
import { fieldOf } from '../../../../core/find/index'
import ChoiceField from '../../base/ChoiceField.vue'

const props = defineProps<{ rule: LeafRule }>()
const emit = defineEmits<{ change: [rule: LeafRule] }>()

const choices = computed(() => fieldOf(props.rule)?.choices)
const all = computed<readonly { value: string; text: string }[]>(() =>
  Array.isArray(choices.value?.all) ? choices.value.all : [],
)

function set(value: string): void {
  if (choices.value) emit('change', choices.value.make([value]))
}
</script>

<template>
  <ChoiceField
    class="line-field"
    label="What is empty"
    :model-value="choices?.chosen(rule)[0] ?? ''"
    :choices="all"
    @update:model-value="set" />
</template>
