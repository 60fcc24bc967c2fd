<script setup lang="ts">
// One scanned page, uncut, with the frame of what is kept. The edges of the frame are dragged, or moved with the
// arrow keys.
import { computed, ref } from 'vue'
import type { ScannedPage } from '../../../contract/scan'
import type { Crop, ScanEdits } from '../../../core/scan/index'
import { UNCUT } from '../../../core/scan/index'

const props = defineProps<{
  page: ScannedPage
  /** Where its picture is, with these edits. */
  picture: (edits: ScanEdits) => string
}>()
const emit = defineEmits<{ crop: [crop: Crop] }>()

const SIDES = ['left', 'top', 'right', 'bottom'] as const
type Side = (typeof SIDES)[number]
const MOST = 0.45
const STEP = 0.005
const frame = ref<HTMLElement | null>(null)
const moved = ref<Crop | null>(null)
const isLoading = ref(true)
const crop = computed(() => moved.value ?? props.page.edits.crop)
const address = computed(() => props.picture({ ...props.page.edits, crop: UNCUT }))
const percent = (share: number) => `${share * 100}%`

const within = (share: number) => Math.min(MOST, Math.max(0, Math.round(share * 1000) / 1000))

function shareAt(side: Side, event: PointerEvent): number {
  const box = frame.value?.getBoundingClientRect()
  if (!box) return 0
  const [x, y] = [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height]
  return within({ left: x, top: y, right: 1 - x, bottom: 1 - y }[side])
}

function hold(side: Side, event: PointerEvent): void {
  const handle = event.currentTarget as HTMLElement
  handle.setPointerCapture(event.pointerId)
  const move = (at: PointerEvent) => {
    moved.value = { ...crop.value, [side]: shareAt(side, at) }
  }
  handle.addEventListener('pointermove', move)
  handle.addEventListener(
    'pointerup',
    () => {
      handle.removeEventListener('pointermove', move)
      if (moved.value) emit('crop', moved.value)
      moved.value = null
    },
    { once: true },
  )
}

function press(side: Side, event: KeyboardEvent): void {
  const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  event.stopPropagation()
  const inward = side === 'left' || side === 'top' ? by : -by
  emit('crop', { ...crop.value, [side]: within(crop.value[side] + inward * STEP) })
}
</script>

<template>
  <div ref="frame" class="sheet" :class="{ loading: isLoading }">
    <img :src="address" alt="The scanned page" @load="isLoading = false" @loadstart="isLoading = true" />
    <div
      class="kept"
      :style="{
        left: percent(crop.left),
        top: percent(crop.top),
        right: percent(crop.right),
        bottom: percent(crop.bottom),
      }">
      <span
        v-for="side in SIDES"
        :key="side"
        :class="['edge', side]"
        role="slider"
        tabindex="0"
        :aria-label="`Cut at the ${side}`"
        :aria-valuenow="Math.round(crop[side] * 100)"
        aria-valuemin="0"
        aria-valuemax="45"
        :aria-orientation="side === 'left' || side === 'right' ? 'horizontal' : 'vertical'"
        @pointerdown.prevent="hold(side, $event)"
        @keydown="press(side, $event)" />
    </div>
  </div>
</template>

<style scoped>
.sheet {
  position: relative;
  max-width: 620px;
  margin: 0 auto;
  background: var(--on-paper);
  border: 1px solid var(--rule-strong);
  overflow: hidden;
  touch-action: none;
}
.sheet img {
  display: block;
  width: 100%;
  user-select: none;
  -webkit-user-drag: none;
}
.kept {
  position: absolute;
  outline: 2000px solid color-mix(in srgb, var(--paper) 62%, transparent);
  border: 1px solid var(--act);
}
.edge {
  position: absolute;
  background: var(--act);
}
.edge.left,
.edge.right {
  top: calc(50% - 22px);
  height: 44px;
  width: 7px;
  cursor: ew-resize;
}
.edge.top,
.edge.bottom {
  left: calc(50% - 22px);
  width: 44px;
  height: 7px;
  cursor: ns-resize;
}
.edge.left {
  left: -4px;
}
.edge.right {
  right: -4px;
}
.edge.top {
  top: -4px;
}
.edge.bottom {
  bottom: -4px;
}
</style>
