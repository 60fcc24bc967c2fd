<script setup lang="ts">
// A picture, or the pages of one, with the sought words marked where they were recognised on it.
import { ref, shallowRef, watch } from 'vue'
import type { Term } from '../../../core/text/index'
import { readWords } from '../../stores/content'
import { refusalOf } from '../../stores/remote'
import type { BoxedWord } from './WordBoxes.vue'
import WordBoxes from './WordBoxes.vue'

export interface PicturedPage {
  readonly number: number
  readonly address: string
}

const props = defineProps<{
  id: string
  pages: readonly PicturedPage[]
  name: string
  terms: readonly Term[]
  turn: number
}>()
const emit = defineEmits<{ failed: [] }>()
const NO_WORDS: readonly BoxedWord[] = []
const words = shallowRef<ReadonlyMap<number, readonly BoxedWord[]>>(new Map())
const shown = ref<ReadonlySet<string>>(new Set())

watch(
  [() => props.id, () => props.terms.length > 0],
  async ([id, wanted]) => {
    words.value = new Map()
    if (!wanted) return
    try {
      const reply = await readWords(id)
      if (id === props.id) words.value = new Map(reply.pages.map(page => [page.page, page.words]))
    } catch (error) {
      refusalOf(error) // the picture is shown without marks
    }
  },
  { immediate: true },
)

/** One page that cannot be drawn costs itself only, unless it is the only one. */
function miss(event: Event): void {
  if (props.pages.length === 1) emit('failed')
  else (event.target as HTMLImageElement).classList.add('missing')
}
</script>

<template>
  <div class="pictures">
    <div
      v-for="{ number, address } in pages"
      :key="address"
      class="picture"
      :data-page="number"
      :style="{ transform: turn === 0 ? undefined : `rotate(${turn}deg)` }">
      <img
        :class="{ awaited: pages.length > 1 && !shown.has(address) }"
        :src="address"
        :alt="pages.length > 1 ? `${name}, page ${number}` : name"
        loading="lazy"
        @load="shown = new Set([...shown, address])"
        @error="miss" />
      <WordBoxes :words="words.get(number) ?? NO_WORDS" :terms="terms" />
    </div>
  </div>
</template>

<style scoped>
.pictures {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.picture {
  position: relative;
  width: fit-content;
  margin: 0 auto;
}
img {
  max-width: 100%;
  display: block;
  border: 1px solid var(--rule-strong);
  background: var(--on-paper);
}
/* Pages that are not there yet keep room, so that only those near the view are asked for. */
.awaited {
  min-width: 60vh;
  min-height: 80vh;
}
.missing {
  min-width: 0;
  min-height: 0;
  padding: 18px;
  color: var(--on-page-warn);
}
</style>
