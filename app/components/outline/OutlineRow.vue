<script setup lang="ts">
import { mdiMenuDown, mdiMenuRight } from '@mdi/js'
import { computed, ref } from 'vue'
import { counted } from '../../../core/change/index'
import type { FolderId } from '../../../core/ids'
import { useDragSource, useDropPlace } from '../../composables/useDrag'
import { useRename } from '../../composables/useRename'
import LockSign from '../lock/LockSign.vue'
import MenuSign from '../common/MenuSign.vue'
import NameField from '../common/NameField.vue'
import PathStripes from '../common/PathStripes.vue'
import RowAct from '../base/RowAct.vue'
import LaidMark from './LaidMark.vue'

const props = defineProps<{
  id: FolderId
  name: string
  code: string
  depth: number
  /** Documents in it and below. */
  count: number
  /** Folders right below it. */
  folders: number
  isOpen: boolean
  isCurrent: boolean
  isDimmed: boolean
  starred: boolean
  /** Kept before its siblings. */
  first: boolean
  /** With a lock of its own. */
  locked: boolean
  /** Made a moment ago. */
  fresh: boolean
  /** One ink for each step from the top folder to this one. */
  stripes: readonly (string | null)[]
  renaming: boolean
}>()
const emit = defineEmits<{ go: []; twist: []; open: []; menu: [event: MouseEvent]; renamed: [] }>()

const hasChildren = computed(() => props.folders > 0)
const row = ref<HTMLElement | null>(null)
const rename = useRename()
useDragSource(row, () =>
  props.renaming ? null : { folderIds: [props.id], documentIds: [], fromFolderId: null, name: props.name },
)
const { isOver, zone } = useDropPlace(
  row,
  () => props.id,
  () => {
    if (hasChildren.value && !props.isOpen && zone.value === 'into') emit('open')
  },
  { zones: true },
)
</script>

<template>
  <div
    :id="`outline-${id}`"
    ref="row"
    class="row"
    role="treeitem"
    :aria-level="depth + 1"
    :aria-expanded="hasChildren ? isOpen : undefined"
    :aria-selected="isCurrent"
    :class="{ current: isCurrent, top: depth === 0, dimmed: isDimmed, over: isOver && zone === 'into' }"
    @click="emit('go')"
    @contextmenu.prevent="emit('menu', $event)">
    <LaidMark v-if="isOver && zone !== 'into'" :zone="zone" :depth="depth" />
    <PathStripes :inks="stripes" />
    <RowAct
      class="twisty"
      tabindex="-1"
      :class="{ none: !hasChildren }"
      :style="{ marginLeft: `${depth * 14}px` }"
      :aria-label="isOpen ? `Close ${name}` : `Open ${name}`"
      @click.stop="emit('twist')">
      <v-icon v-if="hasChildren" :icon="isOpen ? mdiMenuDown : mdiMenuRight" size="16" />
    </RowAct>
    <span v-if="code" class="code">{{ code }}</span>
    <NameField
      v-if="renaming"
      :value="name"
      :label="`New name of ${name}`"
      :keep="rename({ kind: 'folder', id })"
      @kept="emit('renamed')"
      @cancel="emit('renamed')" />
    <template v-else>
      <span class="name cut">{{ name }}</span>
      <LockSign v-if="locked" class="locked" />
      <span v-if="first" class="starred" title="Kept first in its place">⤒</span>
      <span v-if="starred" class="starred" title="Starred">★</span>
      <span v-if="fresh" class="fresh">new</span>
      <span class="leader" aria-hidden="true" />
      <span class="count">{{
        count === 0 && hasChildren ? counted(folders, 'folder') : count.toLocaleString('en-GB')
      }}</span>
      <MenuSign :name="name" @menu="emit('menu', $event)" />
    </template>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  align-items: center;
  height: 28px;
  padding-right: 14px;
  position: relative;
  cursor: default;
  user-select: none;
}
.row.top {
  font-weight: 600;
}
.row:hover {
  background: color-mix(in srgb, var(--act-soft) 55%, transparent);
}
.row.current {
  background: var(--act-soft);
  box-shadow: inset -3px 0 0 var(--act);
}
.fresh {
  margin-left: 6px;
  font-size: 11px;
  font-weight: 600;
  color: var(--act);
}
.row.over {
  background: var(--act-soft);
  outline: 2px solid var(--act);
  outline-offset: -2px;
}
.row.dimmed {
  opacity: 0.32;
}
.twisty {
  width: 16px;
  flex: none;
  color: var(--ink-3);
  line-height: 1;
}
.code {
  min-width: 26px;
  padding-right: 7px;
  color: var(--ink-2);
  flex: none;
}
.count {
  color: var(--ink-3);
  font-size: 12px;
  font-weight: 400;
  flex: none;
}
.starred {
  font-size: 11px;
  margin-left: 5px;
  color: var(--ink-2);
}
</style>
