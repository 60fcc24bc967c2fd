<script setup lang="ts">
// One page of a PDF: drawn when it comes near the view; its words lie over it, to be marked and copied.
import type { PDFDocumentProxy, PDFPageProxy, RenderTask } from 'pdfjs-dist'
import { useBeforePrint } from '../../composables/useOnPaper'
import { useElementSize } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { Term } from '../../../core/text/index'
import type { BoxedWord } from './WordBoxes.vue'
import WordBoxes from './WordBoxes.vue'

const props = defineProps<{
  pdf: PDFDocumentProxy
  number: number
  of: number
  terms: readonly Term[]
  /** Of a page that was recognised. */
  words: readonly BoxedWord[]
  turn: number
  /** Its words are to be marked, though it may not be in view. */
  hasHits: boolean
}>()

const frame = ref<HTMLElement | null>(null)
const canvas = ref<HTMLCanvasElement | null>(null)
const letters = ref<HTMLElement | null>(null)
const ratio = ref(1.414)
const naturalWidth = ref(0)
const { width } = useElementSize(frame)
const scale = computed(() => (naturalWidth.value === 0 ? 1 : width.value / naturalWidth.value))
let page: PDFPageProxy | null = null
let rendering: RenderTask | null = null
let watcher: IntersectionObserver | null = null
let hasLetters = false
// More than this a browser cannot hold as pictures.
const PRINTED_AT_MOST = 150

onMounted(() => {
  watcher = new IntersectionObserver(
    entries => {
      if (entries.some(entry => entry.isIntersecting)) void draw()
    },
    { rootMargin: '600px' },
  )
  if (frame.value) watcher.observe(frame.value)
})
onBeforeUnmount(() => {
  watcher?.disconnect()
  rendering?.cancel()
})
if (props.number <= PRINTED_AT_MOST) useBeforePrint(draw)
watch(
  () => props.turn,
  () => void draw(),
)
// Hits are marked also on pages that were not looked at yet; the place for their words is there once it is mounted.
watch([() => props.hasHits, letters], ([wanted]) => {
  if (wanted) void write()
})

async function open() {
  page ??= await props.pdf.getPage(props.number)
  const natural = page.getViewport({ scale: 1, rotation: (page.rotate + props.turn) % 360 })
  ratio.value = natural.height / natural.width
  naturalWidth.value = natural.width
  return { page, natural }
}

async function draw(): Promise<void> {
  watcher?.disconnect()
  rendering?.cancel()
  const { page: opened, natural } = await open()
  if (!canvas.value || !frame.value) return
  const viewport = opened.getViewport({
    scale: (frame.value.clientWidth * Math.min(window.devicePixelRatio, 2)) / natural.width,
    rotation: natural.rotation,
  })
  canvas.value.width = viewport.width
  canvas.value.height = viewport.height
  rendering = opened.render({ canvas: canvas.value, viewport })
  await rendering.promise.catch((error: unknown) => {
    if (!(error instanceof Error) || error.name !== 'RenderingCancelledException') throw error
  })
  await write()
}

/** The words of the page, see-through, each over its picture. */
async function write(): Promise<void> {
  if (hasLetters || !letters.value) return
  hasLetters = true
  const { TextLayer } = await import('pdfjs-dist')
  const { page: opened } = await open()
  const { value: container } = letters
  await new TextLayer({
    textContentSource: opened.streamTextContent(),
    container,
    viewport: opened.getViewport({ scale: 1 }),
  }).render()
}
</script>

<template>
  <div ref="frame" class="page" :style="{ aspectRatio: `1 / ${ratio}` }" :data-page="number">
    <canvas ref="canvas" role="img" :aria-label="`Page ${number} of ${of}`" />
    <div v-show="turn === 0" ref="letters" class="letters" :style="{ '--total-scale-factor': scale }" />
    <WordBoxes v-if="words.length > 0 && turn === 0" :words="words" :terms="terms" />
  </div>
</template>

<style scoped>
.page {
  background: var(--on-paper);
  border: 1px solid var(--rule-strong);
  width: 100%;
  position: relative;
  overflow: hidden;
  container-type: inline-size;
}
canvas {
  width: 100%;
  height: 100%;
  display: block;
}
/* What pdf.js expects of the sheet that its words lie on. */
.letters {
  position: absolute;
  inset: 0;
  overflow: clip;
  line-height: 1;
  text-align: initial;
  --min-font-size: 1;
  --text-scale-factor: calc(var(--total-scale-factor) * var(--min-font-size));
  --min-font-size-inv: calc(1 / var(--min-font-size));
}
.letters :deep(:is(span, br)) {
  color: transparent;
  position: absolute;
  white-space: pre;
  cursor: text;
  transform-origin: 0 0;
}
.letters :deep(span) {
  --font-height: 0;
  font-size: calc(var(--text-scale-factor) * var(--font-height));
  --scale-x: 1;
  --rotate: 0deg;
  transform: rotate(var(--rotate)) scaleX(var(--scale-x)) scale(var(--min-font-size-inv));
}
.letters :deep(.markedContent) {
  display: contents;
}
</style>
