<script setup lang="ts">
// The left side of every page of the plan: the find field, the outline, and what acts on its folders.
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import type { FolderId } from '../../../core/ids'
import { computed } from 'vue'
import type { ThingItem } from '../../acts/act'
import { folderItem } from '../../acts/act'
import { beginInside } from '../../acts/inFolder'
import { useThings } from '../../acts/useThings'
import { usePlacing } from '../../composables/usePlacing'
import { usePlan } from '../../stores/plan'
import ActMenu from '../common/ActMenu.vue'
import OutlineTree from '../outline/OutlineTree.vue'
import FromOthers from '../outline/FromOthers.vue'
import ShortList from '../outline/ShortList.vue'
import FindField from './FindField.vue'

defineProps<{ current: FolderId | null }>()

const plan = usePlan()
const router = useRouter()
const renaming = ref<FolderId | null>(null)
const meantId = ref<FolderId | null>(null)
const menuAt = ref<{ x: number; y: number } | null>(null)

const meant = computed(() => (meantId.value === null ? undefined : plan.tree.byId.get(meantId.value)))
const targetItems = computed<readonly ThingItem[]>(() =>
  meant.value ? [folderItem(meant.value, plan.starredFolders.has(meant.value.id))] : [],
)
const things = useThings(targetItems, {
  open: item => item.kind === 'folder' && go(item.id),
  rename: item => {
    if (item.kind === 'folder') renaming.value = item.id
  },
})
/** The folder itself, and what can be begun in it. */
const menuActs = computed(() => [...things.acts.value, ...(meant.value ? beginInside(meant.value) : [])])

const placing = usePlacing()
function layByKey(id: FolderId, key: string): void {
  const place = placing.byKey(id, key)
  if (place) void placing.lay([id], place)
}

function go(id: FolderId | null): void {
  void router.push(id === null ? '/plan' : `/plan/${id}`)
}

function menu(id: FolderId, event: MouseEvent): void {
  meantId.value = id
  menuAt.value = { x: event.clientX, y: event.clientY }
}

function press(event: KeyboardEvent, id: FolderId): void {
  meantId.value = id
  if (!things.press(event)) return
  event.preventDefault()
  event.stopPropagation()
}
</script>

<template>
  <div class="side">
    <div class="field">
      <FindField />
    </div>
    <OutlineTree
      :current="current"
      :renaming="renaming"
      @go="go"
      @menu="menu"
      @rename="renaming = $event"
      @renamed="renaming = null"
      @act="press"
      @lay="layByKey" />
    <ShortList :current="current" @go="go" />
    <FromOthers />
    <ActMenu :acts="menuActs" :at="menuAt" @close="menuAt = null" />
  </div>
</template>

<style scoped>
.side {
  display: flex;
  flex-direction: column;
  min-height: 0;
  flex: 1;
}
.field {
  padding: 0 14px 8px;
}
</style>
