<script setup lang="ts">
// A page of documents and folders from anywhere (In-tray, Desk): outline, list and card.
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import type { ListedDocument, Sort } from '../../../contract/document'
import type { PlanFolder } from '../../../contract/plan'
import type { FolderId } from '../../../core/ids'
import type { OfferedAct, ThingItem } from '../../acts/act'
import { useTrail } from '../../stores/trail'
import ThingCard from '../card/ThingCard.vue'
import ThingList from '../list/ThingList.vue'
import OutlineSide from '../shell/OutlineSide.vue'
import SidePanels from '../shell/SidePanels.vue'

const props = defineProps<{
  folders: readonly PlanFolder[]
  documents: readonly ListedDocument[]
  sort: Sort | null
  descending: boolean
  showPlaces: boolean
  loadAll?: () => Promise<void>
  /** What is said of a document instead of when it changed, and what stands over it, by its id. */
  notes?: ReadonlyMap<string, string>
  headings?: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ sort: [column: Sort]; end: []; targetItems: [items: readonly ThingItem[]] }>()
defineSlots<{ head: () => unknown; empty: () => unknown; state?: () => unknown }>()

const router = useRouter()
const trail = useTrail()
const scroller = ref<HTMLElement | null>(null)
const targetItems = ref<readonly ThingItem[]>([])
const meantActs = ref<readonly OfferedAct[]>([])

function show(item: ThingItem): void {
  const row = props.documents.find(document => document.id === item.id)
  if (item.kind === 'folder') void router.push(`/plan/${item.id}`)
  else if (row)
    void router.push(row.folderIds[0] ? { path: `/plan/${row.folderIds[0]}`, query: { doc: row.id } } : '/in-tray')
}

defineExpose({ scroller })
</script>

<template>
  <SidePanels has-card>
    <template #outline>
      <OutlineSide :current="null" />
    </template>
    <div ref="scroller" class="loose">
      <slot name="head" />
      <slot name="state" />
      <ThingList
        :folders="folders"
        :documents="documents"
        :from-folder-id="null"
        :sort="sort"
        :descending="descending"
        :scroller="scroller"
        :show-places="showPlaces"
        :load-all="loadAll"
        :notes="notes"
        :headings="headings"
        :show="showPlaces ? show : undefined"
        @open-folder="(id: FolderId) => router.push(`/plan/${id}`)"
        @open-document="
          row => {
            trail.ids = documents.map(document => document.id)
            void router.push(`/document/${row.id}`)
          }
        "
        @sort="emit('sort', $event)"
        @end="emit('end')"
        @target-items="
          (items, acts) => {
            targetItems = items
            meantActs = acts
            emit('targetItems', items)
          }
        " />
      <slot v-if="folders.length === 0 && documents.length === 0" name="empty" />
    </div>
    <template #card>
      <ThingCard :items="targetItems" :acts="meantActs" :documents="documents" />
    </template>
  </SidePanels>
</template>

<style scoped>
.loose {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 4px 18px 24px;
}
</style>
