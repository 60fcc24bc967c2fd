<script setup lang="ts">
// What was deleted: each folder with all that went with it, each document alone. Restoring puts it back to where it
// was.
import { computed, ref } from 'vue'
import type { TrashItem } from '../../contract/document'
import { counted } from '../../core/change/index'
import { agoText, timeText } from '../../core/dates/index'
import { fileNameOf, sizeText } from '../../core/formats/index'
import type { DocumentId, FolderId } from '../../core/ids'
import ActKey from '../components/common/ActKey.vue'
import PaperDialog from '../components/common/PaperDialog.vue'
import { usePageActs } from '../acts/usePageActs'
import RemoteState from '../components/common/RemoteState.vue'
import TypeMark from '../components/common/TypeMark.vue'
import { useList } from '../composables/useList'
import { onPlanEvent } from '../composables/usePlanEvents'
import { useNow } from '../composables/useNow'
import { useActs } from '../stores/acts'
import { usePlaceNames } from '../stores/placeNames'
import { rowTab } from '../composables/rowKeys'
import { useTrash } from '../stores/trash'
import TrashDays from '../components/settings/TrashDays.vue'

const [trash, acts] = [useTrash(), useActs()]
const placeNames = usePlaceNames()
void trash.load()
onPlanEvent(event => {
  if (event.type !== 'reading') void trash.load()
})
const now = useNow()
const items = computed(() => trash.items.map(item => ({ ...item, key: item.id })))
const list = useList({ items, typing: false })

async function restore(chosen: readonly TrashItem[]): Promise<void> {
  if (chosen.length === 0) return
  const ids = (target: TrashItem['target']) => chosen.filter(item => item.target === target).map(item => item.id)
  await acts.act({
    kind: 'restore',
    folderIds: ids('folder') as FolderId[],
    documentIds: ids('document') as DocumentId[],
  })
}

const asking = ref<readonly TrashItem[] | 'all' | null>(null)
const targetItems = computed(() => (asking.value === 'all' ? trash.items : (asking.value ?? [])))
const sizeOf = (some: readonly TrashItem[]) => sizeText(some.reduce((sum, item) => sum + item.size, 0))
const goes = computed(() => {
  const documents = targetItems.value.reduce((sum, item) => sum + item.documents, 0)
  const folders = targetItems.value.reduce((sum, item) => sum + item.folders + (item.target === 'folder' ? 1 : 0), 0)
  return [
    ...(documents > 0 ? [counted(documents, 'document')] : []),
    ...(folders > 0 ? [counted(folders, 'folder')] : []),
  ].join(' and ')
})

async function purge(): Promise<void> {
  const what = asking.value === 'all' ? { all: true as const } : { ids: targetItems.value.map(item => item.id) }
  asking.value = null
  await acts.purge(what)
}

const isAnyMeant = () => list.targetItems.value.length > 0
usePageActs(
  'trash',
  {
    restore: { when: isAnyMeant, run: () => restore(list.targetItems.value) },
    purge: { when: isAnyMeant, run: () => (asking.value = list.targetItems.value) },
  },
  list.press,
)

function inside(item: TrashItem): string {
  if (item.target === 'document') return sizeText(item.size)
  return [
    counted(item.documents, 'document'),
    ...(item.folders > 0 ? [counted(item.folders, 'folder')] : []),
    sizeText(item.size),
  ].join(', ')
}
</script>

<template>
  <div class="trash">
    <h1>Trash</h1>
    <p class="second lead">
      What was put away comes back to where it was. If its folder is gone, it says where it goes instead.
    </p>
    <p class="second">Things are kept <TrashDays /></p>
    <RemoteState :remote="trash.loaded" @again="trash.load()">
      <div v-if="items.length === 0" class="empty">
        <h2>The Trash is empty</h2>
        <p>What you put away with Delete lies here, whole, until you restore it.</p>
      </div>
      <template v-else>
        <p class="acts">
          <v-btn
            class="act main"
            :disabled="list.targetItems.value.length === 0"
            @click="restore(list.targetItems.value)">
            Restore {{ list.targetItems.value.length > 1 ? counted(list.targetItems.value.length, 'thing') : '' }}
            <ActKey act="trash.restore" />
          </v-btn>
          <v-btn class="act" :disabled="list.targetItems.value.length === 0" @click="asking = list.targetItems.value">
            Delete for good… <ActKey act="trash.purge" />
          </v-btn>
          <v-btn class="act" @click="asking = 'all'">Empty the Trash…</v-btn>
          <span class="second holds">{{ sizeOf(items) }} in all</span>
        </p>
        <div role="grid" aria-label="In the Trash" aria-multiselectable="true" @focusin="list.reached">
          <template v-for="(item, index) in items" :key="item.id">
            <div
              role="row"
              class="item"
              :data-key="item.key"
              :tabindex="rowTab(list.focused.value, item.key, index)"
              :aria-selected="list.selected.value.has(item.key)"
              :class="{ selected: list.selected.value.has(item.key), focused: list.focused.value === item.key }"
              @click="list.click(item.key, $event)">
              <TypeMark :extension="item.target === 'folder' ? 'folder' : item.extension" />
              <span role="gridcell" class="cut name" :title="fileNameOf(item.name, item.extension)">{{
                item.name
              }}</span>
              <span class="second holding"
                ><span class="cut">{{ inside(item) }}</span>
                <v-btn
                  v-if="item.target === 'folder' && item.folders + item.documents > 0"
                  class="place"
                  :aria-expanded="trash.inside?.id === item.id"
                  :aria-label="`Look inside ${item.name}`"
                  @click.stop="trash.look(item.id)">
                  {{ trash.inside?.id === item.id ? 'close' : 'look inside' }}
                </v-btn></span
              >
              <span class="cut quiet"
                >was in
                {{
                  item.parentId === null
                    ? item.target === 'folder'
                      ? 'the top of the plan'
                      : 'the In-tray'
                    : (placeNames.placeOf(item.parentId)?.text ??
                      (item.target === 'folder'
                        ? 'a folder that is gone; goes to the top of the plan'
                        : 'a folder that is gone; goes into the In-tray'))
                }}</span
              >
              <span class="second" :title="timeText(item.trashedAt)">{{ agoText(item.trashedAt, now) }}</span>
              <span role="gridcell"
                ><v-btn class="place" :aria-label="`Restore ${item.name}`" @click.stop="restore([item])">
                  Restore
                </v-btn></span
              >
            </div>
            <ul v-if="trash.inside?.id === item.id" class="inside" :aria-label="`What lies in ${item.name}`">
              <li v-for="row in trash.inside.rows" :key="row.id" :style="{ paddingLeft: `${70 + row.depth * 22}px` }">
                <TypeMark :extension="row.target === 'folder' ? 'folder' : row.extension" />
                <span class="cut">{{ row.name }}</span>
                <span v-if="row.target === 'document'" class="quiet">{{ sizeText(row.size) }}</span>
              </li>
            </ul>
          </template>
        </div>
      </template>
    </RemoteState>
    <PaperDialog
      :open="asking !== null"
      :width="460"
      label="Delete for good"
      title="Delete for good?"
      @leave="asking = null">
      <p>
        {{ goes }}{{ targetItems.length === 1 ? ` (“${targetItems[0]?.name}”)` : '' }} will be gone, with
        {{ sizeOf(targetItems) }}. This is the one act that cannot be undone.
      </p>
      <template #acts>
        <v-btn class="act full" @click="purge">Delete {{ goes }} for good</v-btn>
        <v-btn class="act" data-begins @click="asking = null">
          Keep {{ targetItems.length === 1 ? 'it' : 'them' }} <span class="key">Esc</span>
        </v-btn>
      </template>
    </PaperDialog>
  </div>
</template>

<style scoped>
.trash {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 26px max(24px, calc((100vw - 1060px) / 2)) 30px;
}
h1 {
  font-size: 24px;
  line-height: 32px;
}
.acts {
  margin: 10px 0 12px -1px;
  display: flex;
  gap: 6px;
  align-items: center;
}
.holds {
  margin-left: auto;
}
.item {
  display: grid;
  grid-template-columns: 58px minmax(0, 1.3fr) minmax(0, 1fr) minmax(0, 1fr) 110px 62px;
  gap: 12px;
  align-items: center;
  min-height: var(--row);
  border-bottom: 1px solid var(--rule);
  cursor: default;
  user-select: none;
}
.item:first-child {
  border-top: 2px solid var(--ink);
}
.item.selected {
  background: var(--act-soft);
  box-shadow: inset 3px 0 0 var(--act);
}
.item.focused {
  outline: 1px solid var(--act);
  outline-offset: -1px;
}
.holding {
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
  min-width: 0;
}
.holding button {
  flex: none;
}
.name {
  font-weight: 600;
}
.inside {
  list-style: none;
  padding: 4px 0 8px;
  border-bottom: 1px solid var(--rule);
  max-height: 40vh;
  overflow-y: auto;
}
.inside li {
  display: flex;
  gap: 8px;
  align-items: center;
  line-height: 24px;
}
</style>
