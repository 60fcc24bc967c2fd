<script setup lang="ts">
// The head of a column: sorts, is dragged to another place or moved by Alt with arrows, and is made wider at its left
// edge.
import { computed } from 'vue'
import { useView } from '../../stores/view'
import type { ColumnId } from '../../stores/columns'
import { LEAST_WIDTH, MOST_WIDTH, moveColumn, resizeColumn } from '../../stores/columns'

const props = defineProps<{
  id: ColumnId
  name: string
  right: boolean
  sortable: boolean
  direction: 'up' | 'down' | null
}>()
const emit = defineEmits<{ sort: [] }>()

const STEP = 8
const LEAST_DRAG = 6
const view = useView()
const width = computed(() => view.saved.columns.find(({ id }) => id === props.id)?.width ?? 0)
const resize = (to: number) => {
  view.saved.columns = resizeColumn(view.saved.columns, props.id, to)
}
const move = (by: number) => {
  view.saved.columns = moveColumn(view.saved.columns, props.id, by)
}

let dragged = false

/** Follows the pointer until it is let go. */
function follow(event: PointerEvent, moved: (event: PointerEvent) => void): void {
  if (event.button !== 0) return
  const stop = () => {
    document.removeEventListener('pointermove', moved)
    document.removeEventListener('pointerup', stop)
    document.removeEventListener('pointercancel', stop)
  }
  document.addEventListener('pointermove', moved)
  document.addEventListener('pointerup', stop)
  document.addEventListener('pointercancel', stop)
}

function beginResize(event: PointerEvent): void {
  event.preventDefault()
  const [from, began] = [event.clientX, width.value]
  follow(event, now => resize(began + from - now.clientX))
}

/** Over another head it takes its place at once. */
function beginMove(event: PointerEvent): void {
  dragged = false
  const from = event.clientX
  follow(event, now => {
    if (Math.abs(now.clientX - from) > LEAST_DRAG) dragged = true
    const over = document.elementFromPoint(now.clientX, now.clientY)?.closest<HTMLElement>('[data-column]')
      ?.dataset.column
    const ids = view.saved.columns.map(({ id }) => id as string)
    if (dragged && over !== undefined && over !== props.id) move(ids.indexOf(over) - ids.indexOf(props.id))
  })
}

function press(event: KeyboardEvent): void {
  const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
  if (by === undefined || !event.altKey) return
  event.preventDefault()
  event.stopPropagation()
  move(by)
}

function pressEdge(event: KeyboardEvent): void {
  const by = { ArrowLeft: STEP, ArrowRight: -STEP }[event.key]
  if (by === undefined) return
  event.preventDefault()
  event.stopPropagation()
  resize(width.value + by)
}

function sort(): void {
  if (!dragged && props.sortable) emit('sort')
}
</script>

<template>
  <span
    role="columnheader"
    class="column"
    :class="{ right }"
    :data-column="id"
    :aria-sort="direction === null ? undefined : direction === 'down' ? 'descending' : 'ascending'">
    <span
      class="edge"
      role="separator"
      tabindex="0"
      aria-orientation="vertical"
      :aria-label="`Width of ${name}`"
      :aria-valuenow="width"
      :aria-valuemin="LEAST_WIDTH"
      :aria-valuemax="MOST_WIDTH"
      @pointerdown="beginResize"
      @keydown="pressEdge"
      @click.stop />
    <v-btn
      :title="sortable ? `Sort by ${name}; drag to move the column` : 'Drag to move the column'"
      @pointerdown="beginMove"
      @keydown="press"
      @click="sort">
      {{ name }} <span aria-hidden="true">{{ direction === null ? '' : direction === 'down' ? '↓' : '↑' }}</span>
    </v-btn>
  </span>
</template>

<style scoped>
.column {
  position: relative;
  min-width: 0;
  height: 28px;
  touch-action: none;
}
.column.right {
  text-align: right;
  padding-right: 8px;
}
.edge {
  position: absolute;
  left: -7px;
  top: 5px;
  bottom: 5px;
  width: 9px;
  cursor: col-resize;
  z-index: 1;
}
.edge::after {
  content: '';
  position: absolute;
  left: 3px;
  top: 0;
  bottom: 0;
  width: 1px;
  background: var(--rule-strong);
  opacity: 0;
}
.column:hover .edge::after,
.edge:hover::after,
.edge:focus-visible::after {
  opacity: 1;
}
</style>
