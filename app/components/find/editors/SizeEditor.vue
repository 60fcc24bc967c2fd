<script setup lang="ts">
// A size: at least so much and less than so much, in the unit that fits.
import { computed } from 'vue'
import type { LeafRule } from '../../../../core/find/index'
import { SIZE_UNITS } from '../../../../core/find/index'

type SizeRule = Extract<LeafRule, { kind: 'size' }>
type Unit = keyof typeof SIZE_UNITS
const props = defineProps<{ rule: SizeRule }>()
const emit = defineEmits<{ change: [rule: SizeRule] }>()

const unit = computed<Unit>(() => {
  const most = Math.max(props.rule.from ?? 0, props.rule.before ?? 0)
  return most >= SIZE_UNITS.GB ? 'GB' : most >= SIZE_UNITS.MB ? 'MB' : 'KB'
})
const shown = (bytes: number | null) => (bytes === null ? '' : bytes / SIZE_UNITS[unit.value])

function set(side: 'from' | 'before', text: string): void {
  const bytes = text === '' ? null : Math.max(0, Math.round(Number(text) * SIZE_UNITS[unit.value]))
  emit('change', { ...props.rule, [side]: bytes })
}

/** The same number in another unit. */
function setUnit(picked: Unit): void {
  const times = SIZE_UNITS[picked] / SIZE_UNITS[unit.value]
  const scaled = (bytes: number | null) => (bytes === null ? null : Math.round(bytes * times))
  emit('change', { ...props.rule, from: scaled(props.rule.from), before: scaled(props.rule.before) })
}
</script>

<template>
  <span>at least</span>
  <input
    class="line-field short"
    type="number"
    min="0"
    :value="shown(rule.from)"
    aria-label="At least"
    @change="set('from', ($event.target as HTMLInputElement).value)" />
  <span>and less than</span>
  <input
    class="line-field short"
    type="number"
    min="0"
    :value="shown(rule.before)"
    aria-label="Less than"
    @change="set('before', ($event.target as HTMLInputElement).value)" />
  <select
    class="line-field"
    aria-label="Unit"
    :value="unit"
    @change="setUnit(($event.target as HTMLSelectElement).value as Unit)">
    <option v-for="(_, name) in SIZE_UNITS" :key="name">{{ name }}</option>
  </select>
</template>
