<script setup lang="ts">
// A document as it looks, in the card (small) or in the reader (large).
import { computed, ref, watch } from 'vue'
import type { DocumentFacts } from '../../../contract/document'
import { needsServerRendering, isPicture, playedAs } from '../../../core/formats/index'
import type { PartKind, Term } from '../../../core/text/index'
import { contentAddress, pageAddress } from '../../stores/content'
import { useLocks } from '../../stores/locks'
import LockedSheet from '../lock/LockedSheet.vue'
import HtmlSheet from './HtmlSheet.vue'
import LinkSheet from './LinkSheet.vue'
import MediaSheet from './MediaSheet.vue'
import PdfPages from './PdfPages.vue'
import PictureSheet from './PictureSheet.vue'
import TextPages from './TextPages.vue'

const props = withDefaults(
  defineProps<{
    document: DocumentFacts
    large?: boolean
    /** As pages, where the server can set it so. */
    asPages?: boolean
    /** Words to be marked. */
    terms?: readonly Term[]
    /** In the card: the page or part that is shown. */
    page?: number
    /** In degrees, by quarters. */
    turn?: number
    /** How many hits stand on each page. */
    hitPages?: ReadonlyMap<number, number>
    /** Texts that come in parts are loaded up to this page. */
    reach?: number
  }>(),
  { large: false, asPages: false, terms: () => [], page: 1, turn: 0, hitPages: () => new Map(), reach: 1 },
)
const emit = defineEmits<{ pages: [count: number] }>()

// A text document as HTML has its notes; comments, headers and charts follow as they were read.
const HTML_SHOWS: readonly PartKind[] = ['text', 'footnotes', 'endnotes']
const shownAsHtml = computed(() =>
  props.document.reading.parts.reduce((sum, { kind, count }) => (HTML_SHOWS.includes(kind) ? sum + count : sum), 0),
)
const countOf = (kind: PartKind) => props.document.reading.parts.find(one => one.kind === kind)?.count ?? 0
/** What is shown without a sheet of paper under it. */
const PLAIN: readonly string[] = ['pdf', 'pages', 'picture', 'media']
const locks = useLocks()
const failed = ref(false)
/** It could not be set as pages: it is shown as it was read. */
const pagesFailed = ref(false)
watch(
  () => [props.document.id, props.document.version],
  () => {
    failed.value = false
    pagesFailed.value = false
  },
)

const way = computed(() => {
  const { extension, reading, size, lockId } = props.document
  if (lockId !== null && locks.openUntil(lockId) === null) return 'locked'
  if (size === 0) return 'empty'
  if (props.asPages && props.document.asPages && !pagesFailed.value) return 'pages'
  const isAttached = countOf('attachment') > 0 && !props.large && props.page > countOf('page')
  if (extension === 'pdf' && !failed.value && !isAttached) return 'pdf'
  // As a picture of a page an SVG runs nothing.
  if ((isPicture(extension) || extension === 'svg' || needsServerRendering(extension)) && !failed.value)
    return 'picture'
  if (playedAs(extension) !== null && !failed.value) return 'media'
  if (extension === 'uri' && !failed.value) return 'link'
  // A DOCX is unpacked here only after the server found it honest.
  if ((extension === 'md' || extension === 'docx') && reading.state === 'read' && !failed.value && props.page === 1)
    return 'html'
  if (reading.state === 'read') return 'text'
  return reading.state === 'locked' ? 'none' : reading.state
})
function pdfFailed(): void {
  if (way.value === 'pages') pagesFailed.value = true
  else failed.value = true
}
/** Parts that stand, as they were read, behind what has a look of its own; null: there are none. */
const behind = computed(() => {
  const has = (shown: readonly PartKind[]) => props.document.reading.parts.some(({ kind }) => !shown.includes(kind))
  if (!props.large) return null
  if (way.value === 'html' && has(HTML_SHOWS)) return { but: HTML_SHOWS, from: 1 }
  if (way.value === 'pdf' && countOf('attachment') > 0) return { but: ['page'] as const, from: countOf('page') + 1 }
  return null
})
/** A picture as it is; where browsers do not show it, its pages as the server draws them. */
const pictured = computed(() => {
  const { id, version, extension, reading } = props.document
  if (!needsServerRendering(extension)) return [{ number: 1, address: contentAddress(id, { inline: true, version }) }]
  const numbers = props.large
    ? Array.from({ length: Math.max(1, reading.pages) }, (_, index) => index + 1)
    : [props.page]
  return numbers.map(number => ({ number, address: pageAddress(id, number, version) }))
})
watch(
  [way, pictured],
  () => {
    if (way.value === 'picture' && props.large) emit('pages', pictured.value.length)
  },
  { immediate: true },
)
</script>

<template>
  <div class="preview" :class="{ large, plain: PLAIN.includes(way) }">
    <p v-if="asPages && pagesFailed" class="quiet" role="status">
      It could not be set as pages; here it is as it was read.
    </p>
    <PdfPages
      v-if="way === 'pdf' || way === 'pages'"
      :id="document.id"
      :version="document.version"
      :from-office="way === 'pages'"
      :only="large ? null : page"
      :terms="terms"
      :turn="turn"
      :hit-pages="hitPages"
      @pages="emit('pages', $event)"
      @failed="pdfFailed" />
    <PictureSheet
      v-else-if="way === 'picture'"
      :id="document.id"
      :pages="pictured"
      :name="document.name"
      :terms="terms"
      :turn="turn"
      @failed="failed = true" />
    <MediaSheet
      v-else-if="way === 'media'"
      :id="document.id"
      :version="document.version"
      :name="document.name"
      :film="playedAs(document.extension) === 'film'"
      @failed="failed = true" />
    <div v-if="behind || !PLAIN.includes(way)" class="paper">
      <HtmlSheet
        v-if="way === 'html'"
        :id="document.id"
        data-page="1"
        :data-to="shownAsHtml"
        data-drawn
        :version="document.version"
        :extension="document.extension"
        @failed="failed = true" />
      <LinkSheet v-else-if="way === 'link'" :id="document.id" :version="document.version" @failed="failed = true" />
      <TextPages
        v-else-if="way === 'text'"
        :id="document.id"
        :key="`${document.id} ${document.version}`"
        :extension="document.extension"
        :only="large ? null : page"
        :reach="reach"
        :hit-pages="hitPages"
        @failed="failed = true" />
      <LockedSheet v-else-if="way === 'locked'" :document="document" />
      <p v-else-if="way === 'empty'" class="quiet">This file is empty.</p>
      <p v-else-if="way === 'waiting' || way === 'reading'" class="quiet">
        Its words are being read; they appear here in a moment.
      </p>
      <p v-else-if="way === 'failed'" class="warn">It could not be read. {{ document.reading.reason }}</p>
      <p v-else-if="way !== 'pdf'" class="quiet">
        {{
          failed
            ? 'It cannot be shown; perhaps it is damaged.'
            : 'Documents of this type are not shown here. Download it to look at it.'
        }}
      </p>
      <TextPages
        v-if="behind"
        v-bind="behind"
        :id="document.id"
        :key="`${document.id} ${document.version}`"
        :extension="document.extension"
        :only="null"
        :reach="reach"
        :hit-pages="hitPages" />
    </div>
  </div>
</template>

<style scoped>
.preview {
  max-height: 236px;
  overflow: hidden;
}
.preview.large {
  max-height: none;
  overflow: visible;
}
/* What is attached, behind the pages. */
.pages + .paper {
  margin-top: 12px;
}
.paper {
  background: var(--on-paper);
  color: var(--on-page);
  border: 1px solid var(--rule-strong);
  padding: 16px 18px;
  font-size: 10px;
  min-height: 110px;
}
.large .paper {
  font-size: 14.5px;
  padding: 42px 52px;
  min-height: 60vh;
}
.paper .quiet {
  color: var(--on-page-3);
  font-size: 13px;
}
.paper .warn {
  color: var(--on-page-warn);
  font-size: 13px;
}
.preview:not(.large) :deep(.picture img) {
  max-height: 236px;
}
</style>
