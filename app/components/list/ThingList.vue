<script setup lang="ts">
// Folders as dividers and documents below them, as one list: one selection, one set of keys, one
// menu. Pages choose what is in it and show the card of what it says is meant.
import { computed, ref, watch } from 'vue'
import type { ListedDocument, Sort } from '../../../contract/document'
import type { PlanFolder } from '../../../contract/plan'
import { fileNameOf } from '../../../core/formats/index'
import type { FolderId } from '../../../core/ids'
import type { OfferedAct, ThingItem } from '../../acts/act'
import { documentItem, folderItem } from '../../acts/act'
import { beginInside } from '../../acts/inFolder'
import { useThingList } from '../../acts/useThingList'
import type { Dragged } from '../../composables/useDrag'
import { useBeforePrint } from '../../composables/useOnPaper'
import { rowTab } from '../../composables/rowKeys'
import { useShortcuts } from '../../composables/useShortcuts'
import { useActs } from '../../stores/acts'
import { contentAddress } from '../../stores/content'
import { usePlan } from '../../stores/plan'
import ActMenu from '../common/ActMenu.vue'
import FolderDivider from '../folder/FolderDivider.vue'
import DocumentGrid from './DocumentGrid.vue'
import DocumentList from './DocumentList.vue'
import SelectionRectangle from './SelectionRectangle.vue'

const props = defineProps<{
  folders: readonly PlanFolder[]
  documents: readonly ListedDocument[]
  /** The folder they lie in; null for the In-tray, the top and lists from many places. */
  fromFolderId: FolderId | null
  sort: Sort | null
  descending: boolean
  scroller: HTMLElement | null
  showPlaces?: boolean
  /** What is said of a document instead of when it changed, and what stands over it, by its id. */
  notes?: ReadonlyMap<string, string>
  headings?: ReadonlyMap<string, string>
  /** Letters jump to names; off where letters are commands of the page. */
  typing?: boolean
  /** Sheets side by side instead of rows. */
  asGrid?: boolean
  loadAll?: () => Promise<void>
  /** Shows a thing at its place; absent where it is shown there. */
  show?: (item: ThingItem) => void
}>()
const emit = defineEmits<{
  openFolder: [id: FolderId]
  openDocument: [row: ListedDocument]
  sort: [column: Sort]
  end: []
  /** What the card should show: selected things, and the acts on them. */
  targetItems: [items: readonly ThingItem[], acts: readonly OfferedAct[]]
}>()
defineSlots<{ afterFolders?: () => unknown; aboveDocuments?: () => unknown }>()

const plan = usePlan()
const acts = useActs()
const documentList = ref<{ reveal: (id: string) => void } | null>(null)
const beside = ref(1)

const items = computed<readonly ThingItem[]>(() => [
  ...props.folders.map(folder => folderItem(folder, plan.starredFolders.has(folder.id))),
  ...props.documents.map(documentItem),
])
const rowOf = (id: string) => props.documents.find(document => document.id === id)
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
  typing: props.typing,
  loadAll: () => props.loadAll?.() ?? Promise.resolve(),
  across: index => (props.asGrid && index >= props.folders.length ? beside.value : 1),
  reveal: key => {
    if (key.startsWith('d:')) documentList.value?.reveal(key.slice(2))
  },
  open,
  show: props.show,
  fromFolderId: () => props.fromFolderId,
  fileOf: ({ id }) => fileOf(rowOf(id)),
})
useShortcuts(press)
useBeforePrint(() => props.loadAll?.() ?? Promise.resolve())
/** The menu of a folder offers what can be begun in it as well. */
const menuActs = computed(() => {
  const [only, ...others] = list.targetItems.value
  const folder = only?.kind === 'folder' && others.length === 0 ? plan.tree.byId.get(only.id) : undefined
  return [...offered.value, ...(folder ? beginInside(folder) : [])]
})

watch([list.targetItems, offered], () => emit('targetItems', list.targetItems.value, offered.value), {
  immediate: true,
})

function open(item: ThingItem): void {
  if (item.kind === 'folder') return emit('openFolder', item.id)
  const row = rowOf(item.id)
  if (row) emit('openDocument', row)
}

/** One document can be dragged out to the desktop as a file. */
const fileOf = (row: ListedDocument | undefined): Dragged['file'] =>
  row && { name: fileNameOf(row.name, row.extension), address: contentAddress(row.id) }

function select(key: string): boolean {
  if (!items.value.some(item => item.key === key)) return false
  list.selected.value = new Set([key])
  list.focus(key)
  return true
}
defineExpose({ select, forget: list.forget, rename: (item: ThingItem) => (renaming.value = item.key) })
</script>

<template>
  <div @focusin="list.reached">
    <div
      v-if="folders.length > 0 || $slots.afterFolders"
      class="dividers"
      role="grid"
      aria-label="Folders"
      aria-multiselectable="true">
      <FolderDivider
        v-for="(folder, index) in folders"
        :key="folder.id"
        :tabindex="rowTab(list.focused.value, `f:${folder.id}`, index)"
        :folder="folder"
        :selected="list.selected.value.has(`f:${folder.id}`)"
        :focused="list.focused.value === `f:${folder.id}`"
        :renaming="renaming === `f:${folder.id}`"
        :dragged="() => dragged(`f:${folder.id}`)"
        @pick="list.click(`f:${folder.id}`, $event)"
        @open="emit('openFolder', folder.id)"
        @menu="openMenu(`f:${folder.id}`, $event)"
        @renamed="renaming = null" />
      <div v-if="$slots.afterFolders" role="row">
        <div role="gridcell">
          <slot name="afterFolders" />
        </div>
      </div>
    </div>
    <slot v-if="documents.length > 0" name="aboveDocuments" />
    <DocumentGrid
      v-if="documents.length > 0 && asGrid"
      ref="documentList"
      :rows="documents"
      :selected="list.selected.value"
      :focused="list.focused.value"
      :enters="folders.length === 0"
      :renaming="renaming"
      :headings="headings"
      :dragged="row => dragged(`d:${row.id}`)"
      :scroller="scroller"
      @pick="list.click"
      @toggle="list.toggle"
      @open="emit('openDocument', $event)"
      @star="acts.act({ kind: 'star', folderIds: [], documentIds: [$event.id], on: !$event.starred })"
      @menu="(row, event) => openMenu(`d:${row.id}`, event)"
      @renamed="renaming = null"
      @end="emit('end')"
      @across="beside = $event" />
    <DocumentList
      v-else-if="documents.length > 0"
      ref="documentList"
      :rows="documents"
      :selected="list.selected.value"
      :focused="list.focused.value"
      :enters="folders.length === 0"
      :renaming="renaming"
      :sort="sort"
      :descending="descending"
      :show-places="showPlaces"
      :notes="notes"
      :headings="headings"
      :dragged="row => dragged(`d:${row.id}`)"
      :scroller="scroller"
      @pick="list.click"
      @toggle="list.toggle"
      @all="documents.every(row => list.selected.value.has(`d:${row.id}`)) ? list.clear() : list.selectAll()"
      @open="emit('openDocument', $event)"
      @star="acts.act({ kind: 'star', folderIds: [], documentIds: [$event.id], on: !$event.starred })"
      @menu="(row, event) => openMenu(`d:${row.id}`, event)"
      @renamed="renaming = null"
      @sort="emit('sort', $event)"
      @end="emit('end')" />
    <SelectionRectangle :scroller="scroller" :selected="list.selected.value" @select="list.selectThese" />
    <ActMenu :acts="menuActs" :at="menuAt" @close="menuAt = null" />
  </div>
</template>

<style scoped>
.dividers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px 14px;
  margin-bottom: 16px;
}
</style>
