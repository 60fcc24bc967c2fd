<script setup lang="ts">
// Pages of a PDF, drawn when they come near the view.
import type { PDFDocumentLoadingTask, PDFDocumentProxy } from 'pdfjs-dist'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import type { Term } from '../../../core/text/index'
import { asPagesAddress, contentAddress, readWords } from '../../stores/content'
import { refusalOf } from '../../stores/remote'
import type { BoxedWord } from './WordBoxes.vue'
import PdfPage from './PdfPage.vue'

const props = defineProps<{
  id: string
  version: number
  /** An office document, which the server sets as pages. */
  fromOffice?: boolean
  /** Only this page, for the card; null: all. */
  only: number | null
  terms: readonly Term[]
  turn: number
  /** How many hits stand on each page. */
  hitPages: ReadonlyMap<number, number>
}>()
const emit = defineEmits<{ failed: []; pages: [count: number] }>()

const pdf = shallowRef<PDFDocumentProxy | null>(null)
const count = ref(0)
const NO_WORDS: readonly BoxedWord[] = []
let task: PDFDocumentLoadingTask | null = null

watch(
  () => [props.id, props.version],
  async () => {
    await close()
    const { getDocument, GlobalWorkerOptions } = await import('pdfjs-dist')
    GlobalWorkerOptions.workerSrc = (await import('pdfjs-dist/build/pdf.worker.min.mjs?url')).default
    const mine = (task = getDocument({
      url: props.fromOffice
        ? asPagesAddress(props.id, props.version)
        : contentAddress(props.id, { inline: true, version: props.version }),
      // Pages are set for each request where they are not kept: it comes in one.
      disableRange: props.fromOffice,
      isEvalSupported: false,
      cMapUrl: '/pdf/cmaps/',
      cMapPacked: true,
      standardFontDataUrl: '/pdf/standard_fonts/',
      wasmUrl: '/pdf/wasm/',
    }))
    try {
      const opened = await mine.promise
      if (mine !== task) return
      pdf.value = opened
      count.value = opened.numPages
      emit('pages', opened.numPages)
    } catch {
      if (mine === task) emit('failed') // pdf.js's reasons are for programmers; the reading state tells the person
    }
  },
  { immediate: true },
)

/** Where the words of recognised pages stand; looked up when they are to be marked. */
const words = shallowRef<ReadonlyMap<number, readonly BoxedWord[]>>(new Map())
watch(
  [() => props.id, () => props.terms.length > 0 && !props.fromOffice],
  async ([id, wanted]) => {
    words.value = new Map()
    if (!wanted) return
    try {
      const { pages } = await readWords(id)
      if (id === props.id) words.value = new Map(pages.map(page => [page.page, page.words]))
    } catch (error) {
      refusalOf(error) // the pages are shown without marks on pictures
    }
  },
  { immediate: true },
)
const shown = computed(() =>
  props.only === null
    ? Array.from({ length: count.value }, (_, index) => index + 1)
    : [Math.min(props.only, Math.max(1, count.value))],
)

// Their words are laid out before they come into view, so that one can go from hit to hit; more come as they are drawn.
const MARKED_AHEAD = 60
/** Where the server set the pages, it does not know on which the words stand. */
const marked = computed(() => {
  const candidates = props.fromOffice ? shown.value : [...props.hitPages.keys()].sort((a, b) => a - b)
  return new Set(props.terms.length > 0 ? candidates.slice(0, MARKED_AHEAD) : [])
})

async function close(): Promise<void> {
  pdf.value = null
  const old = task
  task = null
  await old?.destroy()
}
onBeforeUnmount(close)
</script>

<template>
  <div class="pages">
    <template v-if="pdf">
      <PdfPage
        v-for="number in shown"
        :key="`${id} ${number}`"
        :pdf="pdf"
        :number="number"
        :of="count"
        :terms="terms"
        :words="words.get(number) ?? NO_WORDS"
        :turn="turn"
        :has-hits="marked.has(number)" />
    </template>
    <p v-else-if="fromOffice" class="quiet" role="status">Being set as pages…</p>
  </div>
</template>

<style scoped>
.pages {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
</style>
