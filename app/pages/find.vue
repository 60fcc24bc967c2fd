<script setup lang="ts">
// Search in names and contents. What is asked stands in the URL, so it can be bookmarked and gone back to.
import { usePageTitle } from '../composables/usePageTitle'
import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import type { FoundDocument, RelaxedSearch, RecentSearch } from '../../contract/find'
import { calledInWords, hasFacets, NO_FACETS, quotedWords } from '../../core/find/index'
import type { Rule } from '../../core/find/index'
import type { SearchId } from '../../core/ids'
import type { ThingItem } from '../acts/act'
import { documentItem } from '../acts/act'
import { useThingList } from '../acts/useThingList'
import ThingCard from '../components/card/ThingCard.vue'
import ActMenu from '../components/common/ActMenu.vue'
import RemoteState from '../components/common/RemoteState.vue'
import BeforeAsking from '../components/find/BeforeAsking.vue'
import FindFilters from '../components/find/FindFilters.vue'
import FindHead from '../components/find/FindHead.vue'
import FolderOfSearchDialog from '../components/find/FolderOfSearchDialog.vue'
import { useFoundCounts } from '../components/find/foundCounts'
import { useFoundFolders } from '../components/find/foundFolders'
import FoundFolders from '../components/find/FoundFolders.vue'
import FoundList from '../components/find/FoundList.vue'
import KeepDialog from '../components/find/KeepDialog.vue'
import NothingFound from '../components/find/NothingFound.vue'
import RuleEditor from '../components/find/RuleEditor.vue'
import SelectionRectangle from '../components/list/SelectionRectangle.vue'
import OutlineSide from '../components/shell/OutlineSide.vue'
import SidePanels from '../components/shell/SidePanels.vue'
import { useDragging } from '../composables/useDrag'
import { useSearchQuery } from '../composables/useSearchQuery'
import { useShortcuts } from '../composables/useShortcuts'
import { useWholeSearch } from '../composables/useWholeSearch'
import { useActs } from '../stores/acts'
import { useFind } from '../stores/find'
import { useRecentSearches } from '../stores/recentSearches'
import { useSearches } from '../stores/searches'
import { useTrail } from '../stores/trail'

definePageMeta({ key: 'find' })

const [find, acts, trail] = [useFind(), useActs(), useTrail()]
const [searches, recentSearches] = [useSearches(), useRecentSearches()]
const route = useRoute()
const isDragging = useDragging()
const router = useRouter()
const { request, fault, asksAnything, query, notation, typed, choose, narrow, type, addRule } = useSearchQuery()
const head = ref<InstanceType<typeof FindHead> | null>(null)
const scroller = ref<HTMLElement | null>(null)
const foundList = ref<InstanceType<typeof FoundList> | null>(null)
const ALL_LIMIT = 10_000

const answer = computed(() => (find.results.state === 'ready' ? find.results.value : null))
const terms = computed(() => answer.value?.terms ?? [])
const { folders, coded } = useFoundFolders(request, typed)
const { countText, asTyped } = useFoundCounts(folders)
const kept = computed(
  () => searches.byId.get(typeof route.query.kept === 'string' ? (route.query.kept as SearchId) : '') ?? null,
)
/** What was looked for: the typed words, or those meant by them. */
const effective = computed(() =>
  answer.value && JSON.stringify(answer.value.request.query) === JSON.stringify(query.value)
    ? { ...answer.value.effective.query }
    : query.value,
)
usePageTitle(() => {
  const what = kept.value?.name ?? request.value.q.trim()
  return what === '' ? '' : `${what}: Find`
})
const whole = useWholeSearch(effective, () => kept.value?.name ?? (notation.value || request.value.q))

watch(
  [query, () => route.path],
  ([now]) => {
    if (route.path !== '/find') return
    if (request.value.q !== typed.value) typed.value = request.value.q
    if (asksAnything.value)
      void find.run(now, { typing: true, near: typeof route.query.near === 'string' ? route.query.near : '' })
    else find.clear()
  },
  { immediate: true },
)
watchDebounced(typed, type, { debounce: 140 })
onMounted(() => {
  if (trail.left === null) head.value?.focus()
  void recentSearches.load()
  void searches.loadCounts()
})

const items = computed<readonly ThingItem[]>(() => find.documents.map(documentItem))

const {
  list,
  acts: offered,
  renaming,
  menuAt,
  openMenu,
  dragged,
  press,
} = useThingList<ThingItem>({
  items,
  reveal: key => foundList.value?.reveal(key),
  loadAll: () => find.all(ALL_LIMIT),
  open: item => open(item.id),
  show: item => show(find.documents.find(row => row.id === item.id)),
})
useShortcuts(press)

/** What is opened from a search says that it led somewhere: it is remembered, and the words are marked in it. */
function open(id: string): void {
  void recentSearches.note(notation.value || request.value.q, query.value)
  trail.ids = find.documents.map(row => row.id)
  void router.push({ path: `/document/${id}`, query: request.value.q.trim() === '' ? {} : { find: request.value.q } })
}

function show(row: Pick<FoundDocument, 'id' | 'folderIds'> | undefined): void {
  const home = row?.folderIds[0]
  void recentSearches.note(notation.value || request.value.q, query.value)
  if (row) void router.push(home ? { path: `/plan/${home}`, query: { doc: row.id } } : '/in-tray')
}

function pressInField(event: KeyboardEvent): void {
  if (event.key === 'Escape') {
    if (typed.value === '') head.value?.blur()
    typed.value = ''
    choose({ q: '' })
  } else if (event.key === 'Enter' && coded.value !== null) void router.push(`/plan/${coded.value}`)
  else if (event.key === 'Enter' && typed.value.includes('{')) type()
  else if (event.key === 'ArrowDown' || event.key === 'Enter') {
    head.value?.blur()
    const [first] = items.value
    if (first && list.focused.value === null) {
      list.selected.value = new Set([first.key])
      list.walk(first.key)
    }
  } else return
  event.preventDefault()
  event.stopPropagation()
}

const onlyAsTyped = () => choose({ q: quotedWords(request.value.q) })
const exact = () => find.lastRequest && void find.run(find.lastRequest.query, { ...find.lastRequest.more, exact: true })
const rules = () =>
  request.value.rule === null
    ? addRule({ kind: 'text', field: 'name', op: 'contains', value: '' })
    : choose({ rule: null })
const recall = (search: RecentSearch) => void router.replace({ path: '/find', query: { ...search.query } })
const askThis = (query: RelaxedSearch['query']) => void router.push({ path: '/find', query: { ...query } })
const clear = () => choose({ facets: NO_FACETS, rule: null })
const leaveOut = (rule: Rule) => addRule({ kind: 'none', rules: [rule] })
</script>

<template>
  <SidePanels has-card>
    <template #outline>
      <OutlineSide v-if="isDragging" :current="null" />
      <FindFilters v-show="!isDragging" :facets="request.facets" :counts="find.counts" @choose="narrow" />
    </template>
    <FindHead
      ref="head"
      v-model="typed"
      :request="request"
      :fault="fault"
      :count-text="countText"
      :exactly="asTyped"
      :ms="answer?.ms ?? null"
      :corrected="answer?.corrected ?? null"
      :near-names="answer?.nearNames ?? 0"
      :notation="notation"
      :has-rules="request.rule !== null"
      :has-facets="hasFacets(request)"
      :asks-anything="asksAnything"
      :kept-name="kept?.name ?? null"
      @press="pressInField"
      @choose="choose"
      @exact="exact"
      @exactly="onlyAsTyped"
      @rules="rules"
      @clear="clear"
      @keep="whole.keeping.value = true"
      @folder="whole.makeFolder"
      @bundle="whole.bundle">
      <RuleEditor
        v-if="request.rule"
        :whole="request.rule"
        :rule-counts="find.ruleCounts"
        @change="choose({ rule: $event })" />
      <FoundFolders :folders="folders" :coded="coded" />
    </FindHead>
    <div ref="scroller" class="results" tabindex="0" role="region" aria-label="Results">
      <BeforeAsking
        v-if="!asksAnything"
        :recent="recentSearches.recent"
        :kept="searches.kept"
        @recall="recall"
        @forget="recentSearches.forget()" />
      <RemoteState v-else :remote="find.results" @again="find.again()">
        <NothingFound
          v-if="items.length === 0"
          :relaxed="find.relaxed"
          :has-facets="hasFacets(request)"
          @ask="askThis"
          @clear="clear" />
        <FoundList
          v-else
          ref="foundList"
          :documents="find.documents"
          :terms="terms"
          :group="request.group"
          :selected="list.selected.value"
          :focused="list.focused.value"
          :renaming="renaming"
          :dragged="dragged"
          :scroller="scroller"
          :load-all="() => find.all(ALL_LIMIT)"
          @pick="list.click"
          @open="open"
          @menu="openMenu"
          @reached="list.reached"
          @renamed="renaming = null"
          @only="addRule"
          @without="leaveOut"
          @star="acts.act({ kind: 'star', folderIds: [], documentIds: [$event.id], on: !$event.starred })"
          @end="find.more()" />
      </RemoteState>
      <SelectionRectangle :scroller="scroller" :selected="list.selected.value" @select="list.selectThese" />
      <ActMenu :acts="offered" :at="menuAt" @close="menuAt = null" />
    </div>
    <FolderOfSearchDialog :request="whole.making.value" :make="whole.makeIt" @leave="whole.making.value = null" />
    <KeepDialog
      :open="whole.keeping.value"
      :query="effective"
      :proposed="calledInWords(answer?.corrected?.q ?? (notation || request.q))"
      :kept="kept"
      @leave="whole.keeping.value = false"
      @kept="whole.wasKept"
      @dropped="whole.wasDropped" />
    <template #card>
      <ThingCard :items="list.targetItems.value" :acts="offered" :documents="find.documents" :terms="request.q" />
    </template>
  </SidePanels>
</template>

<style scoped>
.results {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 0 18px 24px;
}
</style>
