<script setup lang="ts">
// A day, typed as year-month-day or picked; empty is none. The value is written the same way.
import { format, parseISO } from 'date-fns'
import { computed } from 'vue'
import { BOX_SAYS_NOTHING } from './roleOfInput'

const props = defineProps<{ label: string; day: string }>()
const emit = defineEmits<{ change: [day: string] }>()

const shown = computed(() => (props.day === '' ? null : parseISO(props.day)))

function tell(day: unknown): void {
  const text = day instanceof Date ? format(day, 'yyyy-MM-dd') : ''
  if (text !== props.day) emit('change', text)
}
</script>

<template>
  <v-date-input
    class="plain-field line-field"
    variant="plain"
    single-line
    hide-details
    prepend-icon=""
    input-format="yyyy-mm-dd"
    :menu-props="BOX_SAYS_NOTHING"
    :aria-label="label"
    :model-value="shown"
    @update:model-value="tell" />
</template>
