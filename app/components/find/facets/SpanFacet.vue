<script setup lang="ts">
// When: changed, added, opened or dated, by a span drawn on bars, by two days, or as the last so many.
import { addDays, format, parseISO } from 'date-fns'
import { computed } from 'vue'
import type { Span, TimeKey, TimeUnit } from '../../../../core/find/index'
import { TIMES } from '../../../../core/find/index'
import type { FacetProps } from './facetProps'
import TimeBars from './TimeBars.vue'
import ChoiceField from '../../base/ChoiceField.vue'
import DayField from '../../base/DayField.vue'
import RadioField from '../../base/RadioField.vue'

const props = defineProps<FacetProps<Span | null>>()
const emit = defineEmits<{ choose: [span: Span | null] }>()

const LAST: readonly { text: string; last: { count: number; unit: TimeUnit } }[] = [
  { text: 'last 7 days', last: { count: 7, unit: 'day' } },
  { text: 'last 4 weeks', last: { count: 4, unit: 'week' } },
  { text: 'last 12 months', last: { count: 12, unit: 'month' } },
]
const field = computed(() => props.selection?.field ?? 'changed')
const SPANS = [{ value: 'any time', text: 'any time' }, ...LAST.map(({ text }) => ({ value: text, text }))]
/** Which of them is chosen; two days are none of them. */
const span = computed(() => {
  const { last = null, from: first = null, before = null } = props.selection ?? {}
  if (last === null) return first === null && before === null ? 'any time' : ''
  return LAST.find(one => one.last.count === last.count && one.last.unit === last.unit)?.text ?? ''
})
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

function pick(text: string): void {
  const last = LAST.find(one => one.text === text)?.last
  if (last) emit('choose', { field: field.value, last, from: null, before: null })
  else none()
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
    <ChoiceField
      class="part-head"
      label="Which time"
      :model-value="field"
      :choices="TIMES.map(({ key, name, note }) => ({ value: key, text: note === '' ? name : `${name} (${note})` }))"
      @update:model-value="ask" />
    <TimeBars :counts="counts?.span ?? {}" :from="from" :to="to" @span="between" />
    <RadioField label="Span" :choices="SPANS" :model-value="span" @update:model-value="pick" />
    <div class="between">
      <DayField label="From this day" :day="from" @change="between($event, to)" />
      <DayField label="Up to this day" :day="to" @change="between(from, $event)" />
    </div>
  </div>
</template>

<style scoped>
.span {
  margin-top: 14px;
}
.between {
  display: grid;
  gap: 5px;
  margin-top: 4px;
}
</style>
