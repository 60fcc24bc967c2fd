<script setup lang="ts">
// A folder's page, or the top of the plan.
import { computed, ref, watch } from 'vue'
import type { ListedDocument } from '../../../contract/document'
import type { FolderId } from '../../../core/ids'
import { childrenOf } from '../../../core/tree/index'
import type { OfferedAct, ThingItem } from '../../acts/act'
import SearchList from '../../components/desk/SearchList.vue'
import FolderCard from '../../components/card/FolderCard.vue'
import ThingCard from '../../components/card/ThingCard.vue'
import ActMenu from '../../components/common/ActMenu.vue'
import RemoteState from '../../components/common/RemoteState.vue'
import FolderActs from '../../components/folder/FolderActs.vue'
import FolderGone from '../../components/folder/FolderGone.vue'
import HandIns from '../../components/folder/HandIns.vue'
import FolderHead from '../../components/folder/FolderHead.vue'
import FirstSteps from '../../components/folder/FirstSteps.vue'
import { useFolderPageActs } from '../../components/folder/folderPageActs'
import NewFolderField from '../../components/folder/NewFolderField.vue'
import PathCrumbs from '../../components/folder/PathCrumbs.vue'
import { firstHeadings, headingsOf } from '../../components/list/gridLines'
import HelpSign from '../../components/help/HelpSign.vue'
import ListSettings from '../../components/list/ListSettings.vue'
import ThingList from '../../components/list/ThingList.vue'
import OutlineSide from '../../components/shell/OutlineSide.vue'
import SidePanels from '../../components/shell/SidePanels.vue'
import { usePageTitle } from '../../composables/usePageTitle'
import { useDocumentInAddress } from '../../composables/useDocumentInAddress'
import { useDropPlace } from '../../composables/useDrag'
import { useFolderInAddress } from '../../composables/useFolderInAddress'
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
const router = useRouter()
const { folderId, folder, isGone, where } = useFolderInAddress()
const children = computed(() => childrenOf(plan.tree, folderId.value))
const ink = computed(() => (folderId.value === null ? null : (placeNames.placeOf(folderId.value)?.laid ?? null)))
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

const selectedByHand = useDocumentInAddress(folderId, list)

function keepTargetItems(items: readonly ThingItem[], itemActs: readonly OfferedAct[]): void {
  targetItems.value = items
  meantActs.value = itemActs
  const only = items.length === 1 && items[0]?.kind === 'document' ? items[0].id : undefined
  if (only) selectedByHand(only)
}

function go(id: FolderId | null): void {
  void router.push(id === null ? '/plan' : `/plan/${id}`)
}

function openDocument(row: ListedDocument): void {
  trail.ids = documents.value.map(document => document.id)
  void router.push(`/document/${row.id}`)
}

const { folderActs, placeActs, runPlaceAct, areaActs, areaMenuAt, openAreaMenu } = useFolderPageActs({
  folder,
  where,
  isGone,
  isNaming: naming,
  isUntouched: () => targetItems.value.length === 0,
  rename: () => (renamingHead.value = true),
  go,
})
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
        <FolderGone v-if="isGone" :id="folderId" />
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
          <FolderActs :folder="folder ?? null" :place-acts="placeActs" :folder-acts="folderActs" />
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
      <FolderCard v-else :id="folder.id" :acts="folderActs" />
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
