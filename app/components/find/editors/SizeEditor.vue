<script setup lang="ts">
// A size: at least so much and less than so much, in the unit that fits.
import { computed } from 'vue'
import type { LeafRule } from '../../../../core/find/index'
import { SIZE_UNITS } from '../../../../core/find/index'
import ChoiceField from '../../base/ChoiceField.vue'
import LineField from '../../base/LineField.vue'

type SizeRule = Extract<LeafRule, { kind: 'size' }>
type Unit = keyof typeof SIZE_UNITS
const UNITS: readonly { value: Unit; text: string }[] = (['KB', 'MB', 'GB'] as const).map(value => ({
  value,
  text: value,
}))
const props = defineProps<{ rule: SizeRule }>()
const emit = defineEmits<{ change: [rule: SizeRule] }>()

const unit = computed<Unit>(() => {
  const most = Math.max(props.rule.from ?? 0, props.rule.before ?? 0)
  return most >= SIZE_UNITS.GB ? 'GB' : most >= SIZE_UNITS.MB ? 'MB' : 'KB'
})
const shown = (bytes: number | null) => (bytes === null ? '' : String(bytes / SIZE_UNITS[unit.value]))

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
  <LineField
    class="line-field short"
    type="number"
    min="0"
    :model-value="shown(rule.from)"
    aria-label="At least"
    @change="set('from', $event)" />
  <span>and less than</span>
  <LineField
    class="line-field short"
    type="number"
    min="0"
    :model-value="shown(rule.before)"
    aria-label="Less than"
    @change="set('before', $event)" />
  <ChoiceField class="line-field" label="Unit" :model-value="unit" :choices="UNITS" @update:model-value="setUnit" />
</template>
