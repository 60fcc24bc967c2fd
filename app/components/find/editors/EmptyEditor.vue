<script setup lang="ts">
// Which field holds nothing.
import { computed } from 'vue'
import type { LeafRule } from '../../../../core/find/index'
import { fieldOf } from '../../../../core/find/index'

const props = defineProps<{ rule: LeafRule }>()
const emit = defineEmits<{ change: [rule: LeafRule] }>()

const choices = computed(() => fieldOf(props.rule)?.choices)
const all = computed(() => (Array.isArray(choices.value?.all) ? choices.value.all : []))

function set(value: string): void {
  if (choices.value) emit('change', choices.value.make([value]))
}
</script>

<template>
  <select
    class="line-field"
    aria-label="What is empty"
    :value="choices?.chosen(rule)[0]"
    @change="set(($event.target as HTMLSelectElement).value)">
    <option v-for="{ value, text } in all" :key="value" :value="value">{{ text }}</option>
  </select>
</template>
