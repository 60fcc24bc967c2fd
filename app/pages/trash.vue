<script setup lang="ts">
// What was deleted: each folder with all that went with it, each document alone. Restoring puts it back to where it was.
import { computed, ref } from 'vue'
import type { TrashItem } from '../../contract/document'
import { counted } from '../../core/change/index'
import { agoText, timeText } from '../../core/dates/index'
import { fileNameOf, sizeText } from '../../core/formats/index'
import type { DocumentId, FolderId } from '../../core/ids'
import RemoteState from '../components/common/RemoteState.vue'
import TypeMark from '../components/common/TypeMark.vue'
import { useList } from '../composables/useList'
import { onPlanEvent } from '../composables/usePlanEvents'
import { useShortcuts } from '../composables/useShortcuts'
import { useActs } from '../stores/acts'
import { usePlan } from '../stores/plan'
import { useTrash } from '../stores/trash'

const [trash, acts, plan] = [useTrash(), useActs(), usePlan()]
void trash.load()
onPlanEvent((event) => { if (event.type !== 'reading') void trash.load() })
const now = ref(Date.now())
const items = computed(() => trash.items.map(item => ({ ...item, key: item.id })))
const list = useList({ items, typing: false })

async function restore(chosen: readonly TrashItem[]): Promise<void> {
  if (chosen.length === 0) return
  const ids = (target: TrashItem['target']) => chosen.filter(item => item.target === target).map(item => item.id)
  await acts.act({ kind: 'restore', folderIds: ids('folder') as FolderId[], documentIds: ids('document') as DocumentId[] })
}

useShortcuts((event) => {
  const isRestore = event.key.toLowerCase() === 'r' && !event.ctrlKey && !event.metaKey && !event.altKey
  if (isRestore) void restore(list.meant.value)
  return isRestore || list.press(event)
})

function inside(item: TrashItem): string {
  if (item.target === 'document') return sizeText(item.size)
  return [counted(item.documents, 'document'), ...(item.folders > 0 ? [counted(item.folders, 'folder')] : []), sizeText(item.size)].join(', ')
}
</script>

<template>
  <div class="trash">
    <h1>Trash</h1>
    <p class="second lead">
      What was put away comes back to where it was. If its folder is gone, it says where it goes instead.
    </p>
    <RemoteState :remote="trash.loaded" @again="trash.load()">
      <div v-if="items.length === 0" class="empty">
        <h2>The Trash is empty</h2>
        <p>What you put away with Delete lies here, whole, until you restore it.</p>
      </div>
      <template v-else>
        <p class="acts">
          <button type="button" class="act main" :disabled="list.meant.value.length === 0" @click="restore(list.meant.value)">
            Restore {{ list.meant.value.length > 1 ? counted(list.meant.value.length, 'thing') : '' }} <span class="key">R</span>
          </button>
        </p>
        <div role="grid" aria-label="In the Trash" aria-multiselectable="true">
          <div
            v-for="item in items" :key="item.id" role="row" class="item" :aria-selected="list.selected.value.has(item.key)" :class="{ selected: list.selected.value.has(item.key), focused: list.focused.value === item.key }"
            @click="list.click(item.key, $event)"
          >
            <TypeMark :extension="item.target === 'folder' ? 'folder' : item.extension" />
            <span role="gridcell" class="cut name" :title="fileNameOf(item.name, item.extension)">{{ item.name }}</span>
            <span class="second cut">{{ inside(item) }}</span>
            <span class="cut quiet">was in {{ item.parentId === null ? (item.target === 'folder' ? 'the top of the plan' : 'the In-tray') : plan.placeOf(item.parentId)?.text ?? 'a folder that is gone' }}</span>
            <span class="second" :title="timeText(item.trashedAt)">{{ agoText(item.trashedAt, now) }}</span>
            <span role="gridcell"><button type="button" class="place" :aria-label="`Restore ${item.name}`" @click.stop="restore([item])">
              Restore
            </button></span>
          </div>
        </div>
      </template>
    </RemoteState>
  </div>
</template>

<style scoped>
.trash { flex: 1; min-height: 0; overflow-y: auto; padding: 26px max(24px, calc((100vw - 1060px) / 2)) 30px; }
h1 { font-size: 24px; line-height: 32px; }
.acts { margin: 10px 0 12px -1px; }
.item { display: grid; grid-template-columns: 58px minmax(0, 1.3fr) minmax(0, 1fr) minmax(0, 1fr) 110px 62px; gap: 12px; align-items: center; min-height: var(--row); border-bottom: 1px solid var(--rule); cursor: default; user-select: none; }
.item:first-child { border-top: 2px solid var(--ink); }
.item.selected { background: var(--act-soft); box-shadow: inset 3px 0 0 var(--act); }
.item.focused { outline: 1px solid var(--act); outline-offset: -1px; }
.name { font-weight: 600; }
</style>
