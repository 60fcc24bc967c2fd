<script setup lang="ts">
// A folder's page, or the top of the plan.
import { newId } from '../../../contract/newId'
import { computed, nextTick, ref, watch } from 'vue'
import type { DocumentFacts, ListedDocument } from '../../../contract/document'
import type { FolderId, SearchId, TagId } from '../../../core/ids'
import { tryParseId } from '../../../core/ids'
import { quoted } from '../../../core/change/index'
import { outlineText } from '../../../core/draft/index'
import { childrenOf } from '../../../core/tree/index'
import SearchList from '../../components/desk/SearchList.vue'
import FolderCard from '../../components/card/FolderCard.vue'
import ThingCard from '../../components/card/ThingCard.vue'
import RemoteState from '../../components/common/RemoteState.vue'
import FolderActs from '../../components/folder/FolderActs.vue'
import FolderHead from '../../components/folder/FolderHead.vue'
import FirstSteps from '../../components/folder/FirstSteps.vue'
import NewFolderField from '../../components/folder/NewFolderField.vue'
import PathCrumbs from '../../components/folder/PathCrumbs.vue'
import { headingsOf } from '../../components/list/gridLines'
import ListSettings from '../../components/list/ListSettings.vue'
import ThingList from '../../components/list/ThingList.vue'
import FilePicker from '../../components/shell/FilePicker.vue'
import OutlineSide from '../../components/shell/OutlineSide.vue'
import SidePanels from '../../components/shell/SidePanels.vue'
import { usePageTitle } from '../../composables/usePageTitle'
import { useDraftStart } from '../../composables/useDraftStart'
import { useDropPlace } from '../../composables/useDrag'
import { useGroupText } from '../../composables/useGroupText'
import { usePlanFiles } from '../../composables/usePlanFiles'
import { useShortcuts } from '../../composables/useShortcuts'
import type { ThingAct, ThingItem } from '../../composables/useThings'
import { useActs } from '../../stores/acts'
import { useNotice } from '../../stores/notice'
import { useDialogs } from '../../stores/dialogs'
import { useDrafts } from '../../stores/drafts'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import { useDocumentList } from '../../stores/documentList'
import { useSearches } from '../../stores/searches'
import { useTrail } from '../../stores/trail'
import { useView } from '../../stores/view'

definePageMeta({ key: 'plan' })

const [plan, documentList, acts, dialogs, view, drafts] = [
  usePlan(),
  useDocumentList(),
  useActs(),
  useDialogs(),
  useView(),
  useDrafts(),
]
const placeNames = usePlaceNames()
const notices = useNotice()
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
    ? undefined
    : headingsOf(documents.value, documentList.groups, group => groupText(documentList.settings.group, group)),
)

const scroller = ref<HTMLElement | null>(null)
const list = ref<InstanceType<typeof ThingList> | null>(null)
const targetItems = ref<readonly ThingItem[]>([])
const meantActs = ref<readonly ThingAct[]>([])
const naming = ref(false)
// A document that the address asks for and that is not selected yet.
const wanted = ref<string | null>(null)
const renamingHead = ref(false)
const { isOver } = useDropPlace(scroller, () => folderId.value)

watch(
  folderId,
  async id => {
    naming.value = renamingHead.value = false
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

function keepTargetItems(items: readonly ThingItem[], itemActs: readonly ThingAct[]): void {
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
const showDocument = (document: DocumentFacts) =>
  router.push({ path: `/plan/${document.folderIds[0]}`, query: { doc: document.id } })

function writeMemo(pattern: string): void {
  void router.push({
    path: `/memo/${newId()}`,
    query: { folder: folderId.value ?? undefined, pattern: pattern || undefined },
  })
}

function moveFolder(): void {
  if (folder.value)
    dialogs.move = { folderIds: [folder.value.id], documentIds: [], fromFolderId: null, name: folder.value.name }
}

const planFiles = usePlanFiles()
const start = useDraftStart()
async function keepSkeleton(): Promise<void> {
  if (!folder.value) return
  await drafts.keepSkeleton(folder.value.name, outlineText(start.outlineOfBranch(folder.value.id)))
  notices.say(`Kept ${quoted(folder.value.name)} as a skeleton: use it from “Draft the plan”`)
}

function duplicate(withDocuments: boolean): void {
  if (folder.value)
    void acts.act({
      kind: 'folder.duplicate',
      id: folder.value.id,
      newId: newId<FolderId>(),
      parentId: folder.value.parentId,
      withDocuments,
    })
}

/** The folder as a tag, with a kept search for it where the folder stands; asked before whether the folder goes. */
async function makeTag(): Promise<void> {
  if (!folder.value) return
  const { id, name, parentId } = folder.value
  const answers = await dialogs.ask({
    label: 'Make a tag of this folder',
    title: `Make the tag ${quoted(name)} of this folder?`,
    leave: 'Leave it a folder',
    parts: [
      {
        title: 'All documents in it and below get the tag, and a kept search for it stands in its place. The folder',
        choices: [
          { value: 'stay', title: 'stays as it is' },
          { value: 'go', title: 'goes into the Trash; its documents go one level up' },
        ],
        rows: [{ key: 'folder', name: where.value }],
      },
    ],
  })
  if (!answers) return
  const dissolve = answers.get('folder') === 'go'
  const outcome = await acts.act({
    kind: 'folder.tag',
    id,
    tag: { id: newId<TagId>(), name },
    searchId: newId<SearchId>(),
    dissolve,
  })
  if (outcome.ok && dissolve) go(parentId)
}

function toTrash(): void {
  if (!folder.value) return
  const { id, parentId } = folder.value
  void acts.act({ kind: 'trash', folderIds: [id], documentIds: [] }).then(outcome => {
    if (outcome.ok) go(parentId)
  })
}

useShortcuts(event => {
  if (event.ctrlKey || event.metaKey || event.altKey || naming.value) return false
  const key = event.key.toLowerCase()
  if (key === 'n') naming.value = true
  else if (key === 'o') document.querySelector<HTMLInputElement>('[data-narrow] input')?.focus()
  else if (key === 'u') void chooseFiles()
  else if (key === 'w' && folder.value && !targetItems.value.some(item => item.kind === 'folder')) writeMemo('')
  else if (key === 'l' && folder.value) dialogs.link = { folderId: folderId.value, address: '' }
  else if (key === 'f2' && folder.value && targetItems.value.length === 0) renamingHead.value = true
  else if (key === 'm' && folder.value && targetItems.value.length === 0) moveFolder()
  // Among sheets the arrows go from one to the next.
  else if (
    key === 'arrowleft' &&
    folder.value &&
    !(documentList.settings.view === 'grid' && targetItems.value.length > 0)
  )
    go(folder.value.parentId)
  else return false
  return true
})

const picker = ref<InstanceType<typeof FilePicker> | null>(null)
const chooseFiles = () => picker.value?.files()
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
    <div ref="scroller" class="folder-page" :class="{ over: isOver }">
      <RemoteState :remote="plan.outline" @again="plan.load()">
        <div v-if="isGone" class="empty">
          <h2>This folder is not here</h2>
          <p>
            It was moved into the Trash, or its address is not right. What was put into the Trash can be restored from
            there.
          </p>
          <NuxtLink to="/trash" class="act main"> To the Trash </NuxtLink>
        </div>
        <template v-else>
          <FolderHead
            v-if="folder"
            :key="folder.id"
            :folder="folder"
            :renaming="renamingHead"
            @rename="renamingHead = true"
            @renamed="renamingHead = false" />
          <h1 v-else class="top-title">
            {{ plan.reply?.plan.name }}
          </h1>
          <FolderActs
            :folder="folder ?? null"
            @create="naming = true"
            @add="chooseFiles"
            @add-folder="picker?.folder()"
            @number="dialogs.numbering = { folderId }"
            @rename="renamingHead = true"
            @move="moveFolder"
            @trash="toTrash"
            @draft="router.push({ path: '/draft', query: folderId ? { root: folderId } : {} })"
            @period="router.push({ path: '/draft', query: { root: folderId } })"
            @pin="folder && acts.act({ kind: 'folder.pin', id: folder.id, on: !folder.pinned })"
            @memo="writeMemo"
            @link="dialogs.link = { folderId, address: '' }"
            @merge="dialogs.merge = folderId"
            @tag="makeTag"
            @duplicate="duplicate"
            @skeleton="keepSkeleton"
            @save="planFiles.save($event, folderId)"
            @contents="router.push(folderId ? `/contents/${folderId}` : '/contents')" />
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
            @sort="documentList.sortBy"
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
            @add="chooseFiles"
            @draft="router.push('/draft')" />
          <RemoteState
            v-if="folderId !== null && documentList.loaded.state !== 'ready'"
            :remote="documentList.loaded"
            @again="documentList.open(folderId)" />
        </template>
      </RemoteState>
      <FilePicker ref="picker" :to="folderId" />
    </div>
    <template #card>
      <ThingCard
        v-if="targetItems.length > 0 || !folder"
        :items="targetItems"
        :acts="meantActs"
        :documents="documents"
        :from-folder-id="folderId"
        @show="showDocument" />
      <FolderCard
        v-else
        :id="folder.id"
        @rename="renamingHead = true"
        @move="moveFolder"
        @number="dialogs.numbering = { folderId }"
        @trash="toTrash" />
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
