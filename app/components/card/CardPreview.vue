<script setup lang="ts">
// The preview on the card. With words that are looked for it shows where they stand, and jumps from hit to hit,
// from one page that has some to the next.
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import type { DocumentFacts, HitPages } from '../../../contract/document'
import { parseQuery, termsIn } from '../../../core/find/index'
import { partLabel } from '../../../core/text/index'
import { useHits } from '../../composables/useHits'
import { readHits } from '../../stores/content'
import { refusalOf } from '../../stores/remote'
import DocumentPreview from '../preview/DocumentPreview.vue'

const props = defineProps<{ document: DocumentFacts; /** What is looked for, as it was typed. */ find: string }>()

const root = ref<HTMLElement | null>(null)
const terms = computed(() => termsIn(parseQuery(props.find.slice(0, 200), { typing: true })))
const pages = ref<HitPages['pages']>([])
const which = ref(0)
const hits = useHits(root, terms, 'card')
const page = computed(() => pages.value[which.value]?.page ?? 1)
const total = computed(() => pages.value.reduce((sum, { count }) => sum + count, 0))
/** Where the hits in view stand. */
const part = computed(() => {
  const shown = pages.value[which.value]
  if (!shown) return ''
  return partLabel(shown, props.document.reading.paged ? shown.page : null)
})

watch(
  [() => props.document.id, () => props.find],
  async ([id, find]) => {
    pages.value = []
    which.value = 0
    if (terms.value.length === 0 || props.document.reading.state !== 'read') return
    try {
      const found = await readHits(id, find.slice(0, 200))
      if (id === props.document.id && find === props.find) pages.value = found.pages
    } catch (error) {
      refusalOf(error) // the preview is shown without marks on other pages
    }
  },
  { immediate: true },
)
// The first hit of a page comes into view by itself.
watch(hits.count, count => {
  if (count > 0 && hits.at.value === 0) hits.next(1)
})

function step(by: 1 | -1): void {
  const isLast = by === 1 ? hits.at.value >= hits.count.value : hits.at.value <= 1
  const other = which.value + by
  if (isLast && pages.value[other]) which.value = other
  else hits.next(by)
}
</script>

<template>
  <div ref="root">
    <DocumentPreview :document="document" :terms="terms" :page="page" />
    <p v-if="pages.length > 0" class="hits">
      <v-btn aria-label="Hit before" @click="step(-1)">
        <v-icon :icon="mdiChevronLeft" size="17" />
      </v-btn>
      <span>{{ total }} {{ total === 1 ? 'hit' : 'hits' }}{{ part ? ` · ${part}` : '' }}</span>
      <v-btn aria-label="Next hit" @click="step(1)">
        <v-icon :icon="mdiChevronRight" size="17" />
      </v-btn>
    </p>
  </div>
</template>

<style scoped>
.hits {
  display: flex;
  justify-content: center;
  gap: 10px;
  align-items: center;
  padding-top: 4px;
  color: var(--ink-2);
  position: relative;
  background: var(--sheet);
}
.hits button:hover {
  color: var(--act);
}
</style>
