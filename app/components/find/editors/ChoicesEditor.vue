<script setup lang="ts">
// Any of some values: a list of boxes behind what is chosen.
import { computed } from 'vue'
import type { LeafRule } from '../../../../core/find/index'
import { fieldOf } from '../../../../core/find/index'
import { useColourKey } from '../../../stores/colourKey'
import { useTagList } from '../../../stores/tagList'
import TickBox from '../../base/TickBox.vue'

const props = defineProps<{ rule: LeafRule }>()
const emit = defineEmits<{ change: [rule: LeafRule] }>()

const colourKey = useColourKey()
const tagList = useTagList()
const choices = computed(() => fieldOf(props.rule)?.choices)
const all = computed(() => {
  const values = choices.value?.all ?? []
  if (values === 'tags') return tagList.tags.map(({ id, name }) => ({ value: id as string, text: name }))
  if (values !== 'meanings') return values
  return [
    ...colourKey.meanings.map(({ id, name }) => ({ value: id as string, text: name })),
    { value: '', text: 'no colour' },
  ]
})
const chosen = computed(() => choices.value?.chosen(props.rule) ?? [])
const chosenText = computed(
  () =>
    all.value
      .filter(({ value }) => chosen.value.includes(value))
      .map(({ text }) => text)
      .join(' or ') || 'choose…',
)

function flip(value: string): void {
  const changed = chosen.value.includes(value)
    ? chosen.value.filter(other => other !== value)
    : [...chosen.value, value]
  if (choices.value) emit('change', choices.value.make(changed))
}
</script>

<template>
  <v-menu :close-on-content-click="false">
    <template #activator="{ props: menu }">
      <v-btn v-bind="menu" class="line-field wide chosen cut" :title="chosenText">
        {{ chosenText }}
      </v-btn>
    </template>
    <ul class="choices" aria-label="Any of these">
      <li v-for="{ value, text } in all" :key="value">
        <TickBox :model-value="chosen.includes(value)" @update:model-value="flip(value)">{{ text }}</TickBox>
      </li>
      <li v-if="all.length === 0" class="quiet">There is none yet.</li>
    </ul>
  </v-menu>
</template>

<style scoped>
.chosen {
  text-align: left;
}
.choices {
  list-style: none;
  padding: 6px 12px;
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  max-height: 320px;
  overflow-y: auto;
}
</style>
