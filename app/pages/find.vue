<script setup lang="ts">
// Search in names and contents. What is asked stands in the URL, so it can be bookmarked and gone back to.
import { useVirtualizer } from '@tanstack/vue-virtual'
import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import type { FoundDocument } from '../../contract/find'
import { counted } from '../../core/change/index'
import { findFolders } from '../../core/find/index'
import ThingCard from '../components/card/ThingCard.vue'
import ActMenu from '../components/common/ActMenu.vue'
import RemoteState from '../components/common/RemoteState.vue'
import FindFilters from '../components/find/FindFilters.vue'
import FoundRow from '../components/find/FoundRow.vue'
import SelectionRectangle from '../components/register/SelectionRectangle.vue'
import SidePanels from '../components/shell/SidePanels.vue'
import type { FindChoices } from '../composables/findChoices'
import { choicesIn, isNarrowed, queryOf, spanOf, UNNARROWED } from '../composables/findChoices'
import type { Dragged } from '../composables/useDrag'
import { useList } from '../composables/useList'
import { useShortcuts } from '../composables/useShortcuts'
import type { ThingItem } from '../composables/useThings'
import { thingsOf, useThings } from '../composables/useThings'
import { useActs } from '../stores/acts'
import { useFind } from '../stores/find'
import { usePlan } from '../stores/plan'

definePageMeta({ key: 'find' })

const [find, plan, acts] = [useFind(), usePlan(), useActs()]
const route = useRoute()
const router = useRouter()
const choices = computed(() => choicesIn(route.query))
const typed = ref(choices.value.q)
const field = ref<HTMLInputElement | null>(null)
const scroller = ref<HTMLElement | null>(null)
const renaming = ref<string | null>(null)
const menuAt = ref<{ x: number; y: number } | null>(null)

const asksAnything = computed(() => choices.value.q.trim() !== '' || isNarrowed(choices.value))
const sought = computed(() => (find.results.state === 'ready' ? find.results.value.sought : []))
const folders = computed(() => (choices.value.q.trim() === '' ? [] : findFolders(plan.findable, choices.value.q, 4)))

watch(choices, (asked) => {
  if (asked.q !== typed.value) typed.value = asked.q
  if (!asksAnything.value) return find.clear()
  const span = spanOf(asked, Date.now())
  void find.run({ q: asked.q, typing: true, types: asked.types.join(','), place: asked.place, from: span.from, before: span.before, starred: asked.starred, tags: asked.tags.join(','), origins: asked.origins.join(','), filed: asked.filed.join(',') })
}, { immediate: true })
watchDebounced(typed, q => choose({ q }), { debounce: 140 })
onMounted(() => field.value?.focus())

function choose(some: Partial<FindChoices>): void {
  const query = queryOf({ ...choices.value, q: typed.value, ...some })
  void router.replace({ path: '/find', query })
}

const items = computed<readonly ThingItem[]>(() => find.documents.map(row => ({ key: `d:${row.id}`, kind: 'document', id: row.id, name: row.name, starred: row.starred })))
const virtualizer = useVirtualizer(computed(() => ({ count: items.value.length, getScrollElement: () => scroller.value, estimateSize: () => 76, overscan: 6, getItemKey: (index: number) => items.value[index]?.key ?? index })))
const shown = computed(() => virtualizer.value.getVirtualItems().flatMap((item) => {
  const row = find.documents[item.index]
  return row ? [{ row, index: item.index, start: item.start }] : []
}))
watch(shown, (rows) => { if ((rows.at(-1)?.index ?? 0) > items.value.length - 8) void find.more() })

const list = useList<ThingItem>({ items, reveal: key => virtualizer.value.scrollToIndex(items.value.findIndex(item => item.key === key)) })
const things = useThings(list.meant, {
  open: item => void router.push(`/document/${item.id}`),
  rename: (item) => { renaming.value = item.key },
  show: item => show(find.documents.find(row => row.id === item.id)),
  fromFolderId: () => null,
})
useShortcuts(event => renaming.value === null && (things.press(event) || list.press(event)))

function show(row: Pick<FoundDocument, 'id' | 'folderIds'> | undefined): void {
  const home = row?.folderIds[0]
  if (row) void router.push(home ? { path: `/plan/${home}`, query: { doc: row.id } } : '/in-tray')
}

function draggedBy(key: string): Dragged {
  const mine = list.selected.value.has(key) ? list.selectedItems.value : items.value.filter(item => item.key === key)
  return { ...thingsOf(mine), fromFolderId: null, name: mine.length === 1 ? (mine[0]?.name ?? '') : '' }
}

function menu(key: string, event: MouseEvent): void {
  if (!list.selected.value.has(key)) list.click(key, event)
  menuAt.value = { x: event.clientX, y: event.clientY }
}

function pressInField(event: KeyboardEvent): void {
  if (event.key === 'Escape') { typed.value = ''; choose({ q: '' }) }
  else if (event.key === 'ArrowDown' || event.key === 'Enter') {
    field.value?.blur()
    const [first] = items.value
    if (first && list.focused.value === null) { list.selected.value = new Set([first.key]); list.focus(first.key) }
  }
  else return
  event.preventDefault()
  event.stopPropagation()
}

const countText = computed(() => {
  if (find.results.state !== 'ready') return ''
  const { count, countLimit } = find.results.value
  return count > countLimit ? `more than ${countLimit.toLocaleString('en-GB')} documents` : counted(count, 'document')
})
const measure = (element: Element | null) => virtualizer.value.measureElement(element)
</script>

<template>
  <SidePanels has-card>
    <template #outline>
      <FindFilters :choices="choices" :counts="find.counts" @choose="choose" />
    </template>
    <div class="head">
      <div class="ask">
        <input ref="field" v-model="typed" data-find type="text" aria-label="Find in names and contents" placeholder="Words, “words in quotes”, -word to leave out" autocomplete="off" @keydown="pressInField">
        <span v-if="typed !== ''" class="key">Esc clears</span>
      </div>
      <p v-if="asksAnything" class="sum" role="status">
        <template v-if="find.results.state === 'ready'">
          <b>{{ countText }}</b>{{ folders.length > 0 ? `, ${counted(folders.length, 'folder')}` : '' }} <span class="quiet">· {{ find.results.value.ms }} ms</span>
        </template>
        <button v-if="isNarrowed(choices)" type="button" class="place" @click="choose(UNNARROWED)">
          Search everywhere again
        </button>
      </p>
      <p v-if="folders.length > 0" class="folders">
        <NuxtLink v-for="folder in folders" :key="folder.id" class="place" :to="`/plan/${folder.id}`">
          {{ plan.placeOf(folder.id)?.text }}
        </NuxtLink>
      </p>
    </div>
    <div ref="scroller" class="results" tabindex="0" role="region" aria-label="Results">
      <div v-if="!asksAnything" class="empty">
        <h2>Half a memory is enough</h2>
        <p>Type words that stand in the name or anywhere inside: a name, a number, a piece of a sentence. Names come first, then what is inside, with the words around the hit.</p>
        <p>Narrow at the left: where it lies, what kind it is, when it changed. G shows a result at its place in the plan.</p>
      </div>
      <RemoteState v-else :remote="find.results" @again="find.again()">
        <div v-if="items.length === 0" class="empty">
          <h2>Nothing is found</h2>
          <p>No name and no text holds all of these words{{ isNarrowed(choices) ? ', with the narrowing at the left' : '' }}. Leave a word out, or try the beginning of one.</p>
          <button v-if="isNarrowed(choices)" type="button" class="act main" @click="choose(UNNARROWED)">
            Search everywhere
          </button>
        </div>
        <div role="grid" aria-label="Found documents" aria-multiselectable="true" :style="{ height: `${virtualizer.getTotalSize()}px`, position: 'relative' }">
          <div v-for="{ row, index, start } in shown" :key="row.id" :ref="el => measure(el as Element | null)" :data-index="index" role="presentation" :style="{ position: 'absolute', insetInline: 0, top: `${start}px` }">
            <FoundRow
              :row="row" :sought="sought" :selected="list.selected.value.has(`d:${row.id}`)" :focused="list.focused.value === `d:${row.id}`" :renaming="renaming === `d:${row.id}`" :dragged="() => draggedBy(`d:${row.id}`)"
              @pick="list.click(`d:${row.id}`, $event)" @open="router.push(`/document/${row.id}`)" @menu="menu(`d:${row.id}`, $event)" @renamed="renaming = null"
              @star="acts.act({ kind: 'star', folderIds: [], documentIds: [row.id], on: !row.starred })"
            />
          </div>
        </div>
      </RemoteState>
      <SelectionRectangle :scroller="scroller" :selected="list.selected.value" @select="list.selectThese" />
      <ActMenu :acts="things.acts.value" :at="menuAt" @close="menuAt = null" />
    </div>
    <template #card>
      <ThingCard :items="list.meant.value" :acts="things.acts.value" :documents="find.documents" :from-folder-id="null" can-show @show="show($event)" />
    </template>
  </SidePanels>
</template>

<style scoped>
.head { padding: 26px 18px 8px; border-bottom: 2px solid var(--ink); margin: 0 18px; padding-inline: 0; flex: none; }
.ask { position: relative; }
.ask input { width: 100%; border: 2px solid var(--ink); background: var(--sheet); color: var(--ink); font: inherit; font-size: 16.5px; padding: 8px 90px 8px 11px; }
.ask input:focus { outline: 2px solid var(--act); outline-offset: -2px; }
.ask input::placeholder { color: var(--ink-3); opacity: 1; }
.ask .key { position: absolute; right: 10px; top: 11px; }
.sum { margin-top: 9px; display: flex; gap: 5px; align-items: baseline; }
.sum .place { margin-left: auto; }
.folders { display: flex; gap: 16px; flex-wrap: wrap; margin-top: 3px; }
.results { flex: 1; min-height: 0; overflow-y: auto; padding: 0 18px 24px; }
</style>
