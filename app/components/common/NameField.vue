<script setup lang="ts">
// A name that is typed in its place: Enter keeps it, Esc (or leaving it unchanged) gives it up. When
// a sibling has the same name, the hint names it, and a second Enter keeps both.

import { nextTick, onMounted, ref } from 'vue'
import type { Refusal } from '../../../core/errors'
import LineField from '../base/LineField.vue'

type Kept = { readonly ok: true } | { readonly ok: false; readonly reason: Refusal }
const props = defineProps<{
  value: string
  label: string
  /** What was typed already, instead of the value. */
  begun?: string
  /** Carries the name out; told whether the hint about a twin was seen. */
  keep: (name: string, allowTwin: boolean) => Promise<Kept>
}>()
const emit = defineEmits<{ kept: []; cancel: [] }>()

const name = ref(props.begun || props.value)
const hint = ref('')
const seenTwin = ref('')
const busy = ref(false)
/** Kept or given up: the field goes, and leaving it then is no second act. */
let isOver = false
const field = ref<InstanceType<typeof LineField> | null>(null)

onMounted(() =>
  nextTick(() => {
    field.value?.focus()
    if (!props.begun) field.value?.select()
  }),
)

async function enter(): Promise<void> {
  if (busy.value || isOver) return
  busy.value = true
  const outcome = await props.keep(name.value, seenTwin.value === name.value)
  busy.value = false
  isOver = outcome.ok || outcome.reason.code === 'act.nothing'
  if (outcome.ok) return emit('kept')
  if (isOver) return emit('cancel')
  const isTwin = outcome.reason.code === 'name.twin'
  if (isTwin) seenTwin.value = name.value
  hint.value = isTwin
    ? `There is already “${String(outcome.reason.details.twin)}” here. Enter once more keeps both.`
    : outcome.reason.message
}

function cancel(): void {
  isOver = true
  emit('cancel')
}

function leave(): void {
  if (busy.value || isOver) return
  if (name.value.trim() === props.value || name.value.trim() === '' || hint.value !== '') cancel()
  else void enter()
}
</script>

<template>
  <span class="name-field" @click.stop @dblclick.stop>
    <LineField
      ref="field"
      v-model="name"
      class="line-field"
      :aria-label="label"
      autocomplete="off"
      spellcheck="true"
      @keydown.enter.stop.prevent="enter"
      @keydown.esc.stop.prevent="cancel"
      @keydown.stop
      @blur="leave"
      @input="hint = ''" />
    <span v-if="hint" class="hint" role="alert">{{ hint }}</span>
  </span>
</template>

<style scoped>
.name-field {
  position: relative;
  display: block;
  flex: 1;
  min-width: 0;
}
.hint {
  position: absolute;
  z-index: 5;
  left: 0;
  top: 100%;
  min-width: 230px;
  background: var(--sheet);
  border: 1px solid var(--warn);
  color: var(--warn);
  font-size: 12.5px;
  padding: 4px 8px;
}
</style>
