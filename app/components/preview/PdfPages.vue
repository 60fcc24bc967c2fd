<script setup lang="ts">
// Pages of a PDF, drawn when they come near the view.
import type { PDFDocumentLoadingTask, PDFDocumentProxy } from 'pdfjs-dist'
import { onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { contentAddress } from '../../stores/content'
import PdfPage from './PdfPage.vue'

const props = defineProps<{ id: string; version: number; /** Only the first page, for the card. */ firstOnly?: boolean }>()
const emit = defineEmits<{ failed: [] }>()

const pdf = shallowRef<PDFDocumentProxy | null>(null)
const count = ref(0)
let task: PDFDocumentLoadingTask | null = null

watch(() => [props.id, props.version], async () => {
  await close()
  const { getDocument, GlobalWorkerOptions } = await import('pdfjs-dist')
  GlobalWorkerOptions.workerSrc = (await import('pdfjs-dist/build/pdf.worker.min.mjs?url')).default
  const mine = task = getDocument({ url: contentAddress(props.id, { inline: true, version: props.version }), isEvalSupported: false })
  try {
    const opened = await mine.promise
    if (mine !== task) return
    pdf.value = opened
    count.value = opened.numPages
  }
  catch {
    if (mine === task) emit('failed') // pdf.js's reasons are for programmers; the reading state tells the person
  }
}, { immediate: true })

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
      <PdfPage v-for="number in firstOnly ? 1 : count" :key="`${id} ${number}`" :pdf="pdf" :number="number" :of="count" />
    </template>
  </div>
</template>

<style scoped>
.pages { display: flex; flex-direction: column; gap: 10px; }
</style>
