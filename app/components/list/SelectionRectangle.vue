<script setup lang="ts">
// The rectangle with which rows of a list are selected, while it is drawn.
import { useRectangle } from '../../composables/useRectangle'

const props = defineProps<{
  /** Holds the rows, each with data-key. */
  scroller: HTMLElement | null
  selected: ReadonlySet<string>
}>()
const emit = defineEmits<{ select: [keys: ReadonlySet<string>] }>()
const rectangle = useRectangle(
  () => props.scroller,
  () => props.selected,
  keys => emit('select', keys),
)
</script>

<template>
  <div
    v-if="rectangle"
    class="rectangle"
    :style="{
      left: `${rectangle.left}px`,
      top: `${rectangle.top}px`,
      width: `${rectangle.width}px`,
      height: `${rectangle.height}px`,
    }" />
</template>

<style scoped>
.rectangle {
  position: fixed;
  border: 1px dashed var(--act);
  background: color-mix(in srgb, var(--act) 10%, transparent);
  pointer-events: none;
  z-index: 30;
}
</style>
