<script setup lang="ts">
// When: changed, added, opened or dated, by a span drawn on bars, by two days, or as the last so many.
import { addDays, format, parseISO } from 'date-fns'
import { computed } from 'vue'
import type { Span, TimeField, TimeUnit } from '../../../core/find/index'
import { TIME_FIELDS } from '../../../core/find/index'
import TimeBars from './TimeBars.vue'

const props = defineProps<{
  span: Span | null
  /** By month of the chosen time. */
  months: Readonly<Record<string, number>>
}>()
const emit = defineEmits<{ choose: [span: Span | null] }>()

const FIELD_TEXTS: Record<TimeField, string> = {
  changed: 'Changed',
  added: 'Added',
  opened: 'Opened',
  dated: 'Dated (in name or text)',
}
const LAST: readonly { text: string; last: { count: number; unit: TimeUnit } }[] = [
  { text: 'last 7 days', last: { count: 7, unit: 'day' } },
  { text: 'last 4 weeks', last: { count: 4, unit: 'week' } },
  { text: 'last 12 months', last: { count: 12, unit: 'month' } },
]
const field = computed(() => props.span?.field ?? 'changed')
const isLast = ({ count, unit }: { count: number; unit: TimeUnit }) =>
  props.span?.last?.count === count && props.span.last.unit === unit
const day = (iso: string | null, less: number) =>
  iso === null ? '' : format(addDays(parseISO(iso), -less), 'yyyy-MM-dd')
const from = computed(() => (props.span?.last ? '' : day(props.span?.from ?? null, 0)))
const to = computed(() => (props.span?.last ? '' : day(props.span?.before ?? null, 1)))

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

function ask(wanted: TimeField): void {
  const { last, from: first, before } = props.span ?? { last: null, from: null, before: null }
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
      @change="ask(($event.target as HTMLSelectElement).value as TimeField)">
      <option v-for="name in TIME_FIELDS" :key="name" :value="name">
        {{ FIELD_TEXTS[name] }}
      </option>
    </select>
    <TimeBars :counts="months" :from="from" :to="to" @span="between" />
    <label
      ><input type="radio" name="span" :checked="!span || (!span.last && !span.from && !span.before)" @change="none" />
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
