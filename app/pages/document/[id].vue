<script setup lang="ts">
// The full reader: the document large, its card beside it; Esc goes back to where one was.
import { watchDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { DocumentFacts } from '../../../contract/document'
import { quoted } from '../../../core/change/index'
import { timeText } from '../../../core/dates/index'
import { parseQuery, termsIn } from '../../../core/find/index'
import { needsServerRendering, isPicture, sizeText } from '../../../core/formats/index'
import type { DocumentId } from '../../../core/ids'
import { tryParseId } from '../../../core/ids'
import DocumentCard from '../../components/card/DocumentCard.vue'
import ActKey from '../../components/common/ActKey.vue'
import PlaceLinks from '../../components/common/PlaceLinks.vue'
import NameField from '../../components/common/NameField.vue'
import RemoteState from '../../components/common/RemoteState.vue'
import TypeMark from '../../components/common/TypeMark.vue'
import DocumentPreview from '../../components/preview/DocumentPreview.vue'
import ReaderBar from '../../components/preview/ReaderBar.vue'
import AskForIt from '../../components/shared/AskForIt.vue'
import OutlineSide from '../../components/shell/OutlineSide.vue'
import SidePanels from '../../components/shell/SidePanels.vue'
import { useAsPages } from '../../composables/useAsPages'
import { usePageTitle } from '../../composables/usePageTitle'
import { useHitPages } from '../../composables/useHitPages'
import { useHits } from '../../composables/useHits'
import { onPlanEvent } from '../../composables/usePlanEvents'
import { useRename } from '../../composables/useRename'
import type { ThingItem } from '../../acts/act'
import { useOffered } from '../../acts/offered'
import { usePageActs } from '../../acts/usePageActs'
import { useThings } from '../../acts/useThings'
import { readDocument, readHits } from '../../stores/content'
import { useLately } from '../../stores/lately'
import { useTrail } from '../../stores/trail'
import type { Remote } from '../../stores/remote'
import { refusalOf } from '../../stores/remote'

const route = useRoute()
const router = useRouter()
const rename = useRename()
const lately = useLately()
const trail = useTrail()
const id = computed(() => tryParseId<'document'>(String(route.params.id)) ?? ('' as DocumentId))
const facts = ref<Remote<DocumentFacts>>({ state: 'loading' })
usePageTitle(() => (facts.value.state === 'ready' ? facts.value.value.name : ''))
const renaming = ref(false)
const document = computed(() => (facts.value.state === 'ready' ? facts.value.value : null))

async function load(): Promise<void> {
  try {
    facts.value = { state: 'ready', value: await readDocument(id.value) }
  } catch (error) {
    facts.value = { state: 'error', reason: refusalOf(error) }
  }
}
watch(id, load, { immediate: true })

// Find inside: what led here is marked at once.
const words = ref(typeof route.query.find === 'string' ? route.query.find : '')
const sheet = ref<HTMLElement | null>(null)
const bar = ref<InstanceType<typeof ReaderBar> | null>(null)
const zoom = ref(1)
const turn = ref(0)
const pages = ref(0)
/** Hits on each page as the server knows them, also of pages that are not drawn yet. */
const onPage = ref<ReadonlyMap<number, number>>(new Map())
const terms = computed(() => termsIn(parseQuery(words.value.slice(0, 200), { typing: true })))
const hits = useHits(sheet, terms, 'reader')
watch(
  id,
  now => {
    pages.value = 0
    turn.value = 0
    void lately.visit(now)
  },
  { immediate: true },
)
watchDebounced(
  [words, id],
  async () => {
    try {
      onPage.value =
        words.value.trim() === ''
          ? new Map()
          : new Map((await readHits(id.value, words.value.slice(0, 200))).pages.map(({ page, count }) => [page, count]))
    } catch (error) {
      refusalOf(error) // away: hits are still marked
    }
  },
  { debounce: 200, immediate: true },
)
const { canBe, isSet, choose } = useAsPages(document, route.query.find !== undefined)
watch(isSet, () => {
  pages.value = 0
})
/** Of pages that are set only now the server does not know which words stand on them. */
const hitPages = computed(() => (isSet.value ? new Map<number, number>() : onPage.value))
const { total, reach, toPage, next, openFirst } = useHitPages(sheet, hits, hitPages)
if (route.query.find) openFirst()

function beside(by: 1 | -1): boolean {
  const next = trail.beside(id.value, by)
  if (next !== null) void router.replace({ path: `/document/${next}`, query: route.query })
  return next !== null
}
onPlanEvent(event => {
  if (event.type !== 'reading' || event.documentId === id.value) void load()
})

/** Back to where it was opened; the list there, and no other, gives its row the keys. */
function leave(): void {
  trail.left = id.value
  const forget = router.afterEach((_, from) => {
    if (from.name === 'document-id') return
    trail.left = null
    forget()
  })
  if (window.history.state?.back) router.back()
  else show()
}

function show(): void {
  const home = document.value?.folderIds[0]
  void router.push(home ? { path: `/plan/${home}`, query: { doc: id.value } } : '/in-tray')
}

const targetItems = computed<readonly ThingItem[]>(() =>
  document.value
    ? [
        {
          key: id.value,
          kind: 'document',
          id: id.value,
          name: document.value.name,
          starred: document.value.starred,
          extension: document.value.extension,
          tagIds: document.value.tagIds,
          locked: document.value.lockId !== null,
        },
      ]
    : [],
)
const things = useThings(targetItems, {
  rename: () => {
    renaming.value = true
  },
  show,
})
useOffered(() => quoted(document.value?.name ?? ''), things.acts)
const hasTrail = () => trail.ids.length > 1
usePageActs(
  'document-id',
  {
    inside: () => bar.value?.find(),
    next: { when: hasTrail, run: () => beside(1) },
    previous: { when: hasTrail, run: () => beside(-1) },
    larger: () => bar.value?.scale(1.25),
    smaller: () => bar.value?.scale(0.8),
    turn: () => (turn.value = (turn.value + 90) % 360),
    back: leave,
  },
  things.press,
)
</script>

<template>
  <SidePanels has-card>
    <template #outline>
      <OutlineSide :current="document?.folderIds[0] ?? null" />
    </template>
    <div class="reader">
      <RemoteState v-slot="{ value }" :remote="facts" @again="load">
        <header>
          <p class="where">
            <PlaceLinks :folder-ids="value.folderIds" />
          </p>
          <NameField
            v-if="renaming"
            :value="value.name"
            :label="`New name of ${value.name}`"
            :keep="rename({ kind: 'document', id: value.id })"
            @kept="renaming = false"
            @cancel="renaming = false" />
          <h1 v-else>
            {{ value.name }}
          </h1>
          <p class="second facts">
            <TypeMark :extension="value.extension" /> {{ sizeText(value.size) }} · changed
            {{ timeText(value.changedAt) }}
            <v-btn class="place" @click="show">Show in plan <ActKey act="show" /></v-btn>
          </p>
          <p v-if="value.trashedAt" class="warn">
            This document is in the Trash. <NuxtLink to="/trash" class="place"> Restore it there </NuxtLink>
          </p>
        </header>
        <ReaderBar
          ref="bar"
          v-model:words="words"
          v-model:zoom="zoom"
          v-model:turn="turn"
          class="bar"
          :hits="total"
          :at="hits.at.value"
          :pages="pages"
          :hit-pages="hitPages"
          :can-turn="value.extension === 'pdf' || isPicture(value.extension) || needsServerRendering(value.extension)"
          :as-pages="canBe ? isSet : null"
          :before="trail.beside(id, -1) !== null"
          :after="trail.beside(id, 1) !== null"
          @next="next"
          @page="toPage"
          @as-pages="choose"
          @beside="beside" />
        <div ref="sheet" class="sheet" :style="{ width: `${zoom * 100}%`, maxWidth: `${860 * zoom}px` }">
          <DocumentPreview
            :document="value"
            large
            :as-pages="isSet"
            :terms="terms"
            :turn="turn"
            :hit-pages="hitPages"
            :reach="reach"
            @pages="pages = $event" />
        </div>
      </RemoteState>
      <AskForIt v-if="facts.state === 'error' && facts.reason.code === 'notFound'" :id="id" />
    </div>
    <template #card>
      <DocumentCard v-if="document" :id="document.id" in-reader :acts="things.acts.value" />
    </template>
  </SidePanels>
</template>

<style scoped>
.reader {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 4px clamp(16px, 4vw, 56px) 40px;
}
header {
  margin: 0 auto 14px;
  max-width: 860px;
}
.reader .bar {
  max-width: 860px;
  margin: 0 auto 10px;
}
.sheet {
  margin: 0 auto;
}
h1 {
  font-size: 22px;
  line-height: 29px;
  overflow-wrap: anywhere;
}
.facts {
  display: flex;
  gap: 9px;
  align-items: center;
}
</style>
