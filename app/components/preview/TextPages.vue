<script setup lang="ts">
// What was read of a document, part by part, for formats that have no look of their own here.
import { useEventListener, useThrottleFn } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import type { TextReply } from '../../../contract/document'
import { readCsv } from '../../../core/formats/index'
import type { PartKind } from '../../../core/text/index'
import { useBeforePrint } from '../../composables/useOnPaper'
import { readText } from '../../stores/content'
import PartIndex from './PartIndex.vue'
import PartView from './PartView.vue'
import SheetTable from './SheetTable.vue'

const props = defineProps<{
  id: string
  extension: string
  /** Only this part, for the card; null: all. */
  only: number | null
  /** All up to this page is loaded. */
  reach: number
  /** How many hits stand on each page. */
  hitPages: ReadonlyMap<number, number>
  /** Where given, only parts of other kinds: these are shown above it in their own look. */
  but?: readonly PartKind[]
  /** The first part that is shown; left out: all of them. */
  from?: number
}>()
const emit = defineEmits<{ failed: [] }>()
const root = ref<HTMLElement | null>(null)
const pages = ref<TextReply['pages']>([])
const parts = ref<TextReply['parts']>([])
const next = ref<number | null>(null)
const at = ref(1)
const isEmpty = ref(false)

watch(
  [() => props.id, () => props.only],
  async ([id]) => {
    pages.value = []
    parts.value = []
    next.value = null
    at.value = 1
    await load(id, props.only ?? props.from ?? 1)
  },
  { immediate: true },
)
watch([() => props.reach, next], async ([reach, from]) => {
  if (props.only === null && from !== null && from <= reach) await load(props.id, from)
})

const shown = computed(() =>
  (props.only === null ? pages.value : pages.value.slice(0, 1)).filter(({ kind }) => !props.but?.includes(kind)),
)
const isTable = computed(() => props.extension === 'csv' || props.extension === 'tsv')
/** A table as text comes in parts that were cut between lines. */
const rows = computed(() => (isTable.value ? readCsv(shown.value.map(({ body }) => body).join('')) : []))
const isBefore = computed(() => props.only === null && (pages.value[0]?.page ?? 1) > (props.from ?? 1))

async function load(id: string, from: number): Promise<void> {
  try {
    const reply = await readText(id, from)
    if (id !== props.id) return
    pages.value = [...pages.value, ...reply.pages]
    if (reply.parts.length > 0) parts.value = reply.parts
    next.value = reply.next
    isEmpty.value = pages.value.every(page => page.body.trim() === '')
  } catch {
    emit('failed') // the shell says that the server is away
  }
}

// On paper stands all of it, not only what was scrolled to.
useBeforePrint(async () => {
  if (props.only !== null) return
  if (isBefore.value) await go(props.from ?? 1)
  while (next.value !== null) await load(props.id, next.value)
})

const hasTabs = computed(() => props.only === null && parts.value.some(({ kind }) => kind === 'sheet'))
// The sheet in view: the last one that begins above the upper third of the window.
useEventListener(
  document,
  'scroll',
  useThrottleFn(
    () => {
      if (!hasTabs.value) return
      const begun = [...(root.value?.querySelectorAll<HTMLElement>('[data-page]') ?? [])].filter(
        element => element.getBoundingClientRect().top < window.innerHeight / 3,
      )
      at.value = Number(begun.at(-1)?.dataset.page ?? 1)
    },
    150,
    true,
  ),
  { capture: true, passive: true },
)

/** Shows a part; what lies far ahead is loaded alone, without all that stands before it. */
async function go(page: number): Promise<void> {
  at.value = page
  if (!pages.value.some(one => one.page === page)) {
    pages.value = []
    await load(props.id, page)
  }
  await nextTick()
  root.value?.querySelector(`[data-page="${page}"]`)?.scrollIntoView({ block: 'start' })
}
</script>

<template>
  <div ref="root" class="text">
    <p v-if="isEmpty && !but" class="quiet">There are no words in it.</p>
    <PartIndex v-if="only === null && !but" :parts="parts" :at="at" @go="go" />
    <v-btn v-if="isBefore" class="act" @click="go(from ?? 1)">Back to the beginning</v-btn>
    <div v-if="isTable" data-page="1" :data-to="shown.length" data-drawn>
      <SheetTable :rows="rows" :whole="hitPages.size > 0" :only="only === null ? undefined : 14" />
    </div>
    <template v-else>
      <PartView
        v-for="(part, index) in shown"
        :key="part.page"
        :part="part"
        :before="shown[index - 1]"
        :is-message="extension === 'eml'"
        :has-hits="hitPages.has(part.page)"
        :small="only !== null" />
    </template>
    <v-btn v-if="next !== null && only === null" variant="text" @click="load(id, next)">Show more</v-btn>
  </div>
</template>

<style scoped>
.text {
  background: inherit;
}
</style>
