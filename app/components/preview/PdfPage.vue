<script setup lang="ts">
import type { PDFDocumentProxy, RenderTask } from 'pdfjs-dist'
import { onBeforeUnmount, onMounted, ref } from 'vue'

const props = defineProps<{ pdf: PDFDocumentProxy; number: number; of: number }>()

const frame = ref<HTMLElement | null>(null)
const canvas = ref<HTMLCanvasElement | null>(null)
const ratio = ref(1.414)
let rendering: RenderTask | null = null
let watcher: IntersectionObserver | null = null

onMounted(() => {
  watcher = new IntersectionObserver((entries) => { if (entries.some(entry => entry.isIntersecting)) void draw() }, { rootMargin: '600px' })
  if (frame.value) watcher.observe(frame.value)
})
onBeforeUnmount(() => {
  watcher?.disconnect()
  rendering?.cancel()
})

async function draw(): Promise<void> {
  watcher?.disconnect()
  const page = await props.pdf.getPage(props.number)
  const natural = page.getViewport({ scale: 1 })
  ratio.value = natural.height / natural.width
  if (!canvas.value || !frame.value) return
  const scale = (frame.value.clientWidth * Math.min(window.devicePixelRatio, 2)) / natural.width
  const viewport = page.getViewport({ scale })
  canvas.value.width = viewport.width
  canvas.value.height = viewport.height
  rendering = page.render({ canvas: canvas.value, viewport })
  await rendering.promise.catch((error: unknown) => {
    if (!(error instanceof Error) || error.name !== 'RenderingCancelledException') throw error
  })
}
</script>

<template>
  <div ref="frame" class="page" :style="{ aspectRatio: `1 / ${ratio}` }">
    <canvas ref="canvas" role="img" :aria-label="`Page ${number} of ${of}`" />
  </div>
</template>

<style scoped>
.page { background: #fff; border: 1px solid var(--rule-strong); width: 100%; }
canvas { width: 100%; height: 100%; display: block; }
</style>
