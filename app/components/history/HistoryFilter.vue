<script setup lang="ts">
// What History is narrowed to: words, a day, a folder with all below, and who did it.
import { computed } from 'vue'
import { MADE_BY } from '../../../core/change/index'
import type { HistoryFilter } from '../../stores/historyFilter'
import { MADE_BY_WORDS, NO_FILTER, narrowsHistory } from '../../stores/historyFilter'
import { useGiven } from '../../stores/given'
import ChoiceField from '../base/ChoiceField.vue'
import DayField from '../base/DayField.vue'
import LineField from '../base/LineField.vue'
import FolderField from '../places/FolderField.vue'

const filter = defineModel<HistoryFilter>({ required: true })
const given = useGiven()
const change = (some: Partial<HistoryFilter>) => (filter.value = { ...filter.value, ...some })
/** By hand or by itself, or by one of the people who may have done something here. */
const choices = computed(() => [
  { value: '', text: 'by anyone' },
  ...MADE_BY.map(by => ({ value: by as string, text: MADE_BY_WORDS[by] })),
  ...[...given.people.values()].map(({ id, name }) => ({ value: id as string, text: `by ${name}` })),
])
</script>

<template>
  <form class="filter not-printed" aria-label="Narrow History" @submit.prevent>
    <LineField
      :model-value="filter.text"
      class="line-field"
      aria-label="Words of what was done"
      placeholder="what was done, to what…"
      @update:model-value="change({ text: String($event) })" />
    <DayField label="On this day" :day="filter.day" @change="change({ day: $event })" />
    <FolderField
      :model-value="filter.folder"
      label="In this folder and below"
      :others="[{ value: '', text: 'anywhere' }]"
      @update:model-value="change({ folder: $event })" />
    <ChoiceField
      :model-value="filter.madeBy"
      class="line-field"
      label="Who did it"
      :choices="choices"
      @update:model-value="change({ madeBy: $event })" />
    <v-btn v-if="narrowsHistory(filter)" class="place" @click="filter = NO_FILTER"> Show all </v-btn>
  </form>
</template>

<style scoped>
.filter {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 150px minmax(0, 230px) 150px 70px;
  gap: 8px;
  align-items: center;
}
</style>
