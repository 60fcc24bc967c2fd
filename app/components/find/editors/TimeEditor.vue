<script setup lang="ts">
// A time: in the last so many days, weeks or months, or between two days.
import { addDays, format, parseISO } from 'date-fns'
import { computed } from 'vue'
import type { LeafRule, TimeUnit } from '../../../../core/find/index'
import { TIME_UNITS } from '../../../../core/find/index'
import ChoiceField from '../../base/ChoiceField.vue'
import DayField from '../../base/DayField.vue'
import LineField from '../../base/LineField.vue'

type TimeRule = Extract<LeafRule, { kind: 'time' | 'recent' }>
const props = defineProps<{ rule: TimeRule }>()
const emit = defineEmits<{ change: [rule: TimeRule] }>()
const MOST = 9999

const op = computed(() => {
  const { rule } = props
  if (rule.kind === 'recent') return 'recent'
  return rule.from === null ? 'before' : rule.before === null ? 'since' : 'between'
})
const dayOf = (iso: string | null, less = 0) =>
  iso === null ? '' : format(addDays(parseISO(iso), -less), 'yyyy-MM-dd')
const isoOf = (day: string, more = 0) => (day === '' ? null : addDays(new Date(`${day}T00:00:00`), more).toISOString())

const isOne = computed(() => props.rule.kind === 'recent' && props.rule.count === 1)

function pickOp(picked: 'recent' | 'since' | 'before' | 'between'): void {
  const { field } = props.rule
  if (picked === 'recent') {
    emit('change', { kind: 'recent', field, count: 7, unit: 'day' })
    return
  }
  const today = format(new Date(), 'yyyy-MM-dd')
  const [from, before] = props.rule.kind === 'time' ? [props.rule.from, props.rule.before] : [null, null]
  emit('change', {
    kind: 'time',
    field,
    from: picked === 'before' ? null : (from ?? isoOf(today)),
    before: picked === 'since' ? null : (before ?? isoOf(today, picked === 'between' ? 1 : 0)),
  })
}

function setCount(text: string): void {
  const count = Math.max(1, Math.min(MOST, Math.trunc(Number(text)) || 1))
  if (props.rule.kind === 'recent') emit('change', { ...props.rule, count })
}

function setUnit(unit: TimeUnit): void {
  if (props.rule.kind === 'recent') emit('change', { ...props.rule, unit })
}

function setDay(side: 'from' | 'before', day: string): void {
  const { rule } = props
  if (rule.kind !== 'time') return
  const more = side === 'before' && rule.from !== null ? 1 : 0
  emit('change', { ...rule, [side]: isoOf(day, more) ?? rule[side] })
}
</script>

<template>
  <ChoiceField
    class="line-field"
    label="How it compares"
    :model-value="op"
    :choices="[
      { value: 'recent', text: 'in the last' },
      { value: 'since', text: 'on or after' },
      { value: 'before', text: 'before' },
      { value: 'between', text: 'between' },
    ]"
    @update:model-value="pickOp" />
  <template v-if="rule.kind === 'recent'">
    <LineField
      class="line-field short"
      type="number"
      min="1"
      :max="MOST"
      :model-value="String(rule.count)"
      aria-label="How many"
      @change="setCount" />
    <ChoiceField
      class="line-field"
      label="Unit"
      :model-value="rule.unit"
      :choices="TIME_UNITS.map(unit => ({ value: unit, text: isOne ? unit : `${unit}s` }))"
      @update:model-value="setUnit" />
  </template>
  <template v-else>
    <DayField
      v-if="rule.from !== null"
      label="From this day"
      :day="dayOf(rule.from)"
      @change="setDay('from', $event)" />
    <span v-if="rule.from !== null && rule.before !== null">and</span>
    <DayField
      v-if="rule.before !== null"
      label="Up to this day"
      :day="dayOf(rule.before, rule.from === null ? 0 : 1)"
      @change="setDay('before', $event)" />
  </template>
</template>
