<script setup lang="ts">
// Some rows of a table: room for them until they come near the view, then they are drawn and stay.
import { useIntersectionObserver } from '@vueuse/core'
import { ref, watch } from 'vue'

const props = defineProps<{
  rows: readonly (readonly string[])[]
  columns: number
  /** Draw them without waiting. */
  now: boolean
}>()
const emit = defineEmits<{ drawn: [] }>()
const ROW_HEIGHT = 23

const body = ref<HTMLElement | null>(null)
const isDrawn = ref(false)
function draw(): void {
  if (isDrawn.value) return
  isDrawn.value = true
  emit('drawn')
}
watch(
  () => props.now,
  now => {
    if (now) draw()
  },
  { immediate: true },
)
useIntersectionObserver(
  body,
  ([entry]) => {
    if (entry?.isIntersecting) draw()
  },
  { rootMargin: '600px' },
)
// Numbers stand under each other by their last digit.
const isNumber = (cell: string) => /^[-+]?[\d.,\s]*\d\s?%?$/.test(cell)
</script>

<template>
  <tbody ref="body">
    <template v-if="isDrawn">
      <tr v-for="(row, index) in rows" :key="index">
        <td v-for="column in columns" :key="column" :class="{ number: isNumber(row[column - 1] ?? '') }">
          {{ row[column - 1] ?? '' }}
        </td>
      </tr>
    </template>
    <tr v-else :style="{ height: `${rows.length * ROW_HEIGHT}px` }" />
  </tbody>
</template>

<style scoped>
.number {
  text-align: right;
}
</style>
