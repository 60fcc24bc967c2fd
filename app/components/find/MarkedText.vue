<script setup lang="ts">
// A text with its hits marked: in passages by colour, in names by a line under them.
import { computed } from 'vue'

const props = defineProps<{
  text: string
  /** First and one past the last letter of each hit, in order. */
  marks: readonly (readonly number[])[]
  isName?: boolean
}>()

const parts = computed(() => {
  const cut: { text: string; hit: boolean }[] = []
  let at = 0
  for (const [from = 0, to = 0] of props.marks) {
    if (from > at) cut.push({ text: props.text.slice(at, from), hit: false })
    cut.push({ text: props.text.slice(from, to), hit: true })
    at = to
  }
  cut.push({ text: props.text.slice(at), hit: false })
  return cut
})
</script>

<template>
  <span
    ><component
      :is="part.hit ? 'mark' : 'span'"
      v-for="(part, index) in parts"
      :key="index"
      :class="{ name: isName && part.hit }"
      >{{ part.text }}</component
    ></span
  >
</template>
