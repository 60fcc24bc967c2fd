<script setup lang="ts">
// A folder's page, or the top of the plan.
import { computed, nextTick, ref, watch } from 'vue'
import type { ListedDocument } from '../../../contract/document'
import type { FolderId } from '../../../core/ids'
import { tryParseId } from '../../../core/ids'
import { childrenOf } from '../../../core/tree/index'
import type { OfferedAct, ThingItem } from '../../acts/act'
import { folderItem } from '../../acts/act'
import { runPressed } from '../../acts/offer'
import { useOffered } from '../../acts/offered'
import { usePageActs } from '../../acts/usePageActs'
import { usePlaceActs } from '../../acts/usePlaceActs'
import type { MenuAt } from '../../acts/useThingList'
import { useThings } from '../../acts/useThings'
import AskForIt from '../../components/shared/AskForIt.vue'
import SearchList from '../../components/desk/SearchList.vue'
import FolderCard from '../../components/card/FolderCard.vue'
import ThingCard from '../../components/card/ThingCard.vue'
import ActMenu from '../../components/common/ActMenu.vue'
import RemoteState from '../../components/common/RemoteState.vue'
import FolderActs from '../../components/folder/FolderActs.vue'
import HandIns from '../../components/folder/HandIns.vue'
import FolderHead from '../../components/folder/FolderHead.vue'
import FirstSteps from '../../components/folder/FirstSteps.vue'
import NewFolderField from '../../components/folder/NewFolderField.vue'
import PathCrumbs from '../../components/folder/PathCrumbs.vue'
import { firstHeadings, headingsOf } from '../../components/list/gridLines'
import HelpSign from '../../components/help/HelpSign.vue'
import ListSettings from '../../components/list/ListSettings.vue'
import ThingList from '../../components/list/ThingList.vue'
import OutlineSide from '../../components/shell/OutlineSide.vue'
import SidePanels from '../../components/shell/SidePanels.vue'
import { usePageTitle } from '../../composables/usePageTitle'
import { useDropPlace } from '../../composables/useDrag'
import { useGroupText } from '../../composables/useGroupText'
import { usePlaceWork } from '../../stores/placeWork'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import { sortedBy, useDocumentList } from '../../stores/documentList'
import { useSearches } from '../../stores/searches'
import { useTrail } from '../../stores/trail'
import { useView } from '../../stores/view'

definePageMeta({ key: 'plan' })

const [plan, documentList, view, work] = [usePlan(), useDocumentList(), useView(), usePlaceWork()]
const placeNames = usePlaceNames()
const trail = useTrail()
const searches = useSearches()
const route = useRoute()
const router = useRouter()

const address = computed(() => String(route.params.folder ?? ''))
const folderId = computed<FolderId | null>(() => tryParseId<'folder'>(address.value))
const folder = computed(() => (folderId.value === null ? undefined : plan.tree.byId.get(folderId.value)))
const children = computed(() => childrenOf(plan.tree, folderId.value))
const isGone = computed(() => address.value !== '' && plan.outline.state === 'ready' && !folder.value)
// An address may say a code, as a person writes it: /plan/1.5.
watch(
  () => (folderId.value === null && plan.outline.state === 'ready' ? placeNames.withCode(address.value) : null),
  id => {
    if (id !== null) void router.replace({ path: `/plan/${id}`, query: route.query })
  },
  { immediate: true },
)
const ink = computed(() => (folderId.value === null ? null : (placeNames.placeOf(folderId.value)?.laid ?? null)))
const where = computed(() =>
  folderId.value === null ? 'the top of the plan' : (placeNames.placeOf(folderId.value)?.text ?? ''),
)
usePageTitle(() => (folderId.value === null ? '' : where.value))
const documents = computed(() => (folderId.value === null ? [] : documentList.rows))

const groupText = useGroupText()
const headings = computed(() =>
  documentList.settings.group === 'none'
    ? firstHeadings(documents.value, documentList.first.size)
    : headingsOf(documents.value, documentList.groups, group => groupText(documentList.settings.group, group)),
)

const scroller = ref<HTMLElement | null>(null)
const list = ref<InstanceType<typeof ThingList> | null>(null)
const targetItems = ref<readonly ThingItem[]>([])
const meantActs = ref<readonly OfferedAct[]>([])
const naming = computed({
  get: () => work.naming !== undefined && work.naming === folderId.value,
  set: on => (work.naming = on ? folderId.value : undefined),
})
// A document that the address asks for and that is not selected yet.
const wanted = ref<string | null>(null)
const renamingHead = ref(false)
const { isOver } = useDropPlace(scroller, () => folderId.value)

watch(
  folderId,
  async id => {
    if (work.naming !== id) work.naming = undefined
    renamingHead.value = false
    list.value?.forget()
    scroller.value?.scrollTo(0, 0)
    if (id === null) return
    await documentList.open(id)
  },
  { immediate: true },
)

// ?doc= selects a document: when the page is opened so, and after "show in plan". What this page wrote there itself is
// marked, since by the time it stands in the address, or the list is loaded again, the keys may be one further.
watch(
  [() => route.query.doc, folderId] as const,
  ([id, place], [, before]) => {
    const isOwn = place === before && (history.state as { own?: boolean } | null)?.own === true
    if (!isOwn) wanted.value = typeof id === 'string' ? id : null
    // The folder itself was chosen, as by a click in the outline: keys must not act on a document that is looked at no
    // more.
    if (!isOwn && typeof id !== 'string') list.value?.forget()
  },
  { immediate: true },
)
watch(
  [wanted, () => documentList.loaded, list],
  async ([id, loaded]) => {
    if (id === null || loaded.state !== 'ready' || documentList.place !== folderId.value || !list.value) return
    while (!documentList.rows.some(row => row.id === id) && (await documentList.more()));
    await nextTick()
    if (wanted.value !== id) return
    wanted.value = null
    list.value.select(`d:${id}`)
  },
  { flush: 'post' },
)

function keepTargetItems(items: readonly ThingItem[], itemActs: readonly OfferedAct[]): void {
  targetItems.value = items
  meantActs.value = itemActs
  const only = items.length === 1 && items[0]?.kind === 'document' ? items[0].id : undefined
  if (!only) return
  wanted.value = null
  if (route.query.doc !== only) void router.replace({ query: { doc: only }, state: { own: true } })
}

function go(id: FolderId | null): void {
  void router.push(id === null ? '/plan' : `/plan/${id}`)
}

function openDocument(row: ListedDocument): void {
  trail.ids = documents.value.map(document => document.id)
  void router.push(`/document/${row.id}`)
}
// The folder itself is what keys mean while nothing in it is chosen.
const headItems = computed(() =>
  folder.value ? [folderItem(folder.value, plan.starredFolders.has(folder.value.id))] : [],
)
const headActs = useThings(headItems, { rename: () => (renamingHead.value = true), gone: () => go(goneTo) })
let goneTo: FolderId | null = null
watch(
  folder,
  now => {
    if (now) goneTo = now.parentId
  },
  { immediate: true },
)
useOffered(() => where.value, headActs.acts)
const ON_OPEN_FOLDER = ['rename', 'move']
const isUntouched = () => targetItems.value.length === 0
const placeActs = usePlaceActs(
  () => folder.value ?? null,
  () => !naming.value && !isGone.value,
)
usePageActs(
  'plan-folder',
  {
    narrow: () => document.querySelector<HTMLInputElement>('[data-narrow] input')?.focus(),
    // Among sheets the arrows go from one to the next.
    up: {
      when: () => folder.value !== undefined && (documentList.settings.view !== 'grid' || isUntouched()),
      run: () => go(folder.value?.parentId ?? null),
    },
  },
  event =>
    !naming.value &&
    isUntouched() &&
    runPressed(
      headActs.acts.value.filter(({ id }) => ON_OPEN_FOLDER.includes(id)),
      event,
    ),
)
/** On the page itself, beside everything that lies on it. */
const areaMenuAt = ref<MenuAt | null>(null)
const areaActs = computed(() => [
  ...placeActs.value.filter(({ part }) => part === 'build' || part === 'write'),
  ...headActs.acts.value.filter(({ part }) => part === 'mark'),
])
function openAreaMenu(event: MouseEvent): void {
  if (event.target instanceof Element && event.target.closest('[data-key], a, button, input, textarea')) return
  event.preventDefault()
  areaMenuAt.value = { x: event.clientX, y: event.clientY }
}
const runPlaceAct = (id: string) => placeActs.value.find(act => act.id === id)?.run()
</script>

<template>
  <SidePanels has-card>
    <template #outline>
      <OutlineSide :current="folderId" />
    </template>
    <template #band>
      <div class="band" :style="{ background: ink ?? (folderId === null ? 'var(--paper)' : 'var(--no-colour)') }" />
    </template>
    <template #strip>
      <PathCrumbs v-if="plan.reply && !isGone" :folder-id="folderId" @go="go" />
    </template>
    <div ref="scroller" class="folder-page" :class="{ over: isOver }" @contextmenu="openAreaMenu">
      <RemoteState :remote="plan.outline" @again="plan.load()">
        <div v-if="isGone" class="empty">
          <h2>This folder is not here</h2>
          <p>
            It was moved into the Trash, or its address is not right. What was put into the Trash can be restored from
            there.
          </p>
          <NuxtLink to="/trash" class="act main"> To the Trash </NuxtLink>
          <AskForIt v-if="folderId" :id="folderId" />
        </div>
        <template v-else>
          <FolderHead
            v-if="folder"
            :key="folder.id"
            :folder="folder"
            :renaming="renamingHead"
            @rename="renamingHead = true"
            @renamed="renamingHead = false" />
          <div v-else class="titled">
            <h1 class="top-title">
              {{ plan.reply?.plan.name }}
            </h1>
            <HelpSign topic="plan" />
          </div>
          <HandIns v-if="folder" :id="folder.id" />
          <FolderActs :folder="folder ?? null" :place-acts="placeActs" :folder-acts="headActs.acts.value" />
          <SearchList
            v-if="folderId && searches.inFolder(folderId).length > 0"
            class="kept"
            :searches="searches.inFolder(folderId)"
            label="Kept searches shown here" />
          <ThingList
            ref="list"
            :folders="children"
            :documents="documents"
            :from-folder-id="folderId"
            :sort="documentList.settings.sort"
            :descending="documentList.settings.descending"
            :headings="headings"
            :as-grid="documentList.settings.view === 'grid'"
            :scroller="scroller"
            :load-all="documentList.all"
            @open-folder="go"
            @open-document="openDocument"
            @sort="documentList.setSettings(sortedBy(documentList.settings, $event))"
            @end="documentList.more()"
            @target-items="keepTargetItems">
            <template #aboveDocuments>
              <ListSettings :settings="documentList.settings" @change="documentList.setSettings" />
            </template>
            <template v-if="naming" #afterFolders>
              <NewFolderField
                :parent-id="folderId"
                :where="where"
                @done="naming = false"
                @made="folderId && view.setOpen([folderId], true)" />
            </template>
          </ThingList>
          <FirstSteps
            v-if="
              children.length === 0 &&
              documents.length === 0 &&
              !naming &&
              (folderId === null || documentList.loaded.state === 'ready')
            "
            :is-top="folderId === null"
            :where="where"
            @create="naming = true"
            @add="runPlaceAct('add-documents')"
            @draft="router.push('/draft')" />
          <RemoteState
            v-if="folderId !== null && documentList.loaded.state !== 'ready'"
            :remote="documentList.loaded"
            @again="documentList.open(folderId)" />
        </template>
      </RemoteState>
    </div>
    <ActMenu :acts="areaActs" :at="areaMenuAt" @close="areaMenuAt = null" />
    <template #card>
      <ThingCard
        v-if="targetItems.length > 0 || !folder"
        :items="targetItems"
        :acts="meantActs"
        :documents="documents" />
      <FolderCard v-else :id="folder.id" :acts="headActs.acts.value" />
    </template>
  </SidePanels>
</template>

<style scoped>
.kept {
  margin-bottom: 14px;
}
.band {
  height: 8px;
  flex: none;
}
.folder-page {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 4px 18px 24px;
  outline: none;
}
.folder-page.over {
  box-shadow: inset 0 0 0 2px var(--act);
}
.top-title {
  font-size: 24px;
  line-height: 34px;
  padding: 8px 0 6px;
}
</style>
