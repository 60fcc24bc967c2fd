<script setup lang="ts">
// Boxes over a picture where sought words were recognised; the words themselves can be read by a screen reader.
import { computed } from 'vue'
import type { Term } from '../../../core/text/index'
import { marksIn } from '../../../core/text/index'

export interface BoxedWord {
  readonly text: string
  /** left, top, right, bottom, from 0 to 1. */
  readonly box: readonly number[]
}

const props = defineProps<{ words: readonly BoxedWord[]; terms: readonly Term[] }>()
const percent = (share = 0) => `${share * 100}%`
const hits = computed(() =>
  props.words
    .filter(word => marksIn(word.text, props.terms).length > 0)
    .map(({ text, box: [left = 0, top = 0, right = 0, bottom = 0] }) => ({
      text,
      style: { left: percent(left), top: percent(top), width: percent(right - left), height: percent(bottom - top) },
    })),
)
</script>

<template>
  <div class="boxes">
    <span v-for="(hit, index) in hits" :key="index" data-hit class="box" :style="hit.style" :title="hit.text" />
  </div>
</template>

<style scoped>
.boxes {
  position: absolute;
  inset: 0;
  pointer-events: none;
}
.box {
  position: absolute;
  background: var(--page-hit);
  mix-blend-mode: multiply;
  opacity: 0.7;
}
.box.on {
  background: var(--page-hit-on);
  opacity: 0.85;
  outline: 2px solid var(--on-page-warn);
}
</style>
