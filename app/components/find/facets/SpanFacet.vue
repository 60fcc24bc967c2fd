<script setup lang="ts">
// When: changed, added, opened or dated, by a span drawn on bars, by two days, or as the last so many.
import { addDays, format, parseISO } from 'date-fns'
import { computed } from 'vue'
import type { Span, TimeKey, TimeUnit } from '../../../../core/find/index'
import { TIMES } from '../../../../core/find/index'
import type { FacetProps } from './facetProps'
import TimeBars from './TimeBars.vue'

const props = defineProps<FacetProps<Span | null>>()
const emit = defineEmits<{ choose: [span: Span | null] }>()

const LAST: readonly { text: string; last: { count: number; unit: TimeUnit } }[] = [
  { text: 'last 7 days', last: { count: 7, unit: 'day' } },
  { text: 'last 4 weeks', last: { count: 4, unit: 'week' } },
  { text: 'last 12 months', last: { count: 12, unit: 'month' } },
]
const field = computed(() => props.selection?.field ?? 'changed')
const isLast = ({ count, unit }: { count: number; unit: TimeUnit }) =>
  props.selection?.last?.count === count && props.selection.last.unit === unit
const day = (iso: string | null, less: number) =>
  iso === null ? '' : format(addDays(parseISO(iso), -less), 'yyyy-MM-dd')
const from = computed(() => (props.selection?.last ? '' : day(props.selection?.from ?? null, 0)))
const to = computed(() => (props.selection?.last ? '' : day(props.selection?.before ?? null, 1)))

/** Two days as people write them, the last one included. */
function between(first: string, last: string): void {
  if (first === '' && last === '') return none()
  emit('choose', {
    field: field.value,
    last: null,
    from: first === '' ? null : new Date(`${first}T00:00:00`).toISOString(),
    before: last === '' ? null : addDays(new Date(`${last}T00:00:00`), 1).toISOString(),
  })
}

function none(): void {
  emit('choose', field.value === 'changed' ? null : { field: field.value, last: null, from: null, before: null })
}

function ask(wanted: TimeKey): void {
  const { last, from: first, before } = props.selection ?? { last: null, from: null, before: null }
  emit(
    'choose',
    wanted === 'changed' && last === null && first === null && before === null
      ? null
      : { field: wanted, last, from: first, before },
  )
}
</script>

<template>
  <div class="span">
    <select
      class="part-head"
      aria-label="Which time"
      :value="field"
      @change="ask(($event.target as HTMLSelectElement).value as TimeKey)">
      <option v-for="{ key, name, note } in TIMES" :key="key" :value="key">
        {{ note === '' ? name : `${name} (${note})` }}
      </option>
    </select>
    <TimeBars :counts="counts?.span ?? {}" :from="from" :to="to" @span="between" />
    <label
      ><input
        type="radio"
        name="span"
        :checked="!selection || (!selection.last && !selection.from && !selection.before)"
        @change="none" />
      any time</label
    >
    <label v-for="{ text, last } in LAST" :key="text"
      ><input
        type="radio"
        name="span"
        :checked="isLast(last)"
        @change="emit('choose', { field, last, from: null, before: null })" />
      {{ text }}</label
    >
    <div class="between">
      <input
        class="line-field"
        type="date"
        aria-label="From this day"
        :value="from"
        @change="between(($event.target as HTMLInputElement).value, to)" />
      <input
        class="line-field"
        type="date"
        aria-label="Up to this day"
        :value="to"
        @change="between(from, ($event.target as HTMLInputElement).value)" />
    </div>
  </div>
</template>

<style scoped>
.span {
  margin-top: 14px;
}
select {
  width: 100%;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--rule);
  color: var(--ink-2);
  cursor: pointer;
}
label {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 25px;
}
input[type='radio'] {
  accent-color: var(--act);
  width: 14px;
  height: 14px;
}
.between {
  display: grid;
  gap: 5px;
  margin-top: 4px;
}
</style>
