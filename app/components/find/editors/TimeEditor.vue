<script setup lang="ts">
// A time: in the last so many days, weeks or months, or between two days.
import { addDays, format, parseISO } from 'date-fns'
import { computed } from 'vue'
import type { LeafRule } from '../../../../core/find/index'
import { TIME_UNITS } from '../../../../core/find/index'

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

function pickOp(picked: string): void {
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

function setUnit(text: string): void {
  const unit = TIME_UNITS.find(name => name === text)
  if (unit && props.rule.kind === 'recent') emit('change', { ...props.rule, unit })
}

function setDay(side: 'from' | 'before', day: string): void {
  const { rule } = props
  if (rule.kind !== 'time') return
  const more = side === 'before' && rule.from !== null ? 1 : 0
  emit('change', { ...rule, [side]: isoOf(day, more) ?? rule[side] })
}
</script>

<template>
  <select
    class="line-field"
    aria-label="How it compares"
    :value="op"
    @change="pickOp(($event.target as HTMLSelectElement).value)">
    <option value="recent">in the last</option>
    <option value="since">on or after</option>
    <option value="before">before</option>
    <option value="between">between</option>
  </select>
  <template v-if="rule.kind === 'recent'">
    <input
      class="line-field short"
      type="number"
      min="1"
      :max="MOST"
      :value="rule.count"
      aria-label="How many"
      @change="setCount(($event.target as HTMLInputElement).value)" />
    <select
      class="line-field"
      aria-label="Unit"
      :value="rule.unit"
      @change="setUnit(($event.target as HTMLSelectElement).value)">
      <option v-for="unit in TIME_UNITS" :key="unit" :value="unit">
        {{ rule.count === 1 ? unit : `${unit}s` }}
      </option>
    </select>
  </template>
  <template v-else>
    <input
      v-if="rule.from !== null"
      class="line-field"
      type="date"
      :value="dayOf(rule.from)"
      aria-label="From this day"
      @change="setDay('from', ($event.target as HTMLInputElement).value)" />
    <span v-if="rule.from !== null && rule.before !== null">and</span>
    <input
      v-if="rule.before !== null"
      class="line-field"
      type="date"
      :value="dayOf(rule.before, rule.from === null ? 0 : 1)"
      aria-label="Up to this day"
      @change="setDay('before', ($event.target as HTMLInputElement).value)" />
  </template>
</template>
