<script setup lang="ts">
// The seam beside a panel: dragged, or moved with the arrow keys, it makes the panel wider or narrower.
import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'

const props = defineProps<{
  /** Of the window, at which the panel stands. */
  side: 'left' | 'right'
  label: string
  least: number
  most: number
}>()
/** Of the panel, in pixels. */
const width = defineModel<number>({ required: true })
const emit = defineEmits<{ dragging: [on: boolean] }>()

const STEP = 16
const isHeld = ref(false)
const set = (pixels: number) => (width.value = Math.max(props.least, Math.min(props.most, pixels)))

function hold(on: boolean): void {
  isHeld.value = on
  emit('dragging', on)
}
useEventListener('pointermove', (event: PointerEvent) => {
  if (isHeld.value) set(props.side === 'left' ? event.clientX : window.innerWidth - event.clientX)
})
useEventListener('pointerup', () => isHeld.value && hold(false))

function nudge(event: KeyboardEvent): void {
  const by = { ArrowLeft: -STEP, ArrowRight: STEP }[event.key]
  if (by === undefined) return
  event.preventDefault()
  event.stopPropagation()
  set(width.value + (props.side === 'left' ? by : -by))
}
</script>

<template>
  <div
    class="seam"
    role="separator"
    aria-orientation="vertical"
    tabindex="0"
    :aria-label="label"
    :aria-valuenow="width"
    :aria-valuemin="least"
    :aria-valuemax="most"
    @pointerdown.prevent="hold(true)"
    @keydown="nudge" />
</template>

<style scoped>
.seam {
  width: 5px;
  margin-right: -4px;
  z-index: 3;
  cursor: col-resize;
  flex: none;
  border-left: 1px solid var(--rule-strong);
}
.seam:hover,
.seam:focus-visible {
  background: var(--act-soft);
  outline: none;
  border-left-color: var(--act);
}
</style>
