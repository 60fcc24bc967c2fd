<script setup lang="ts">
// The plan as a table of contents. Only the rows in view are drawn, so 20,000 folders scroll as 60 do.

import { useVirtualizer } from '@tanstack/vue-virtual'
import { autoScrollForElements } from '@atlaskit/pragmatic-drag-and-drop-auto-scroll/element'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { FolderId } from '../../../core/ids'
import { meaningOf } from '../../../core/colour/index'
import { childrenOf, pathOf } from '../../../core/tree/index'
import { takeKey } from '../../composables/useShortcuts'
import { useDropPlace } from '../../composables/useDrag'
import { useLocks } from '../../stores/locks'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import { useJustMade } from '../../stores/justMade'
import { useView } from '../../stores/view'
import { useNarrowedOutline } from './narrowedOutline'
import OutlineRow from './OutlineRow.vue'
import { useTreeKeys } from './treeKeys'
import LineField from '../base/LineField.vue'

const props = defineProps<{
  /** The folder whose page is open; null on other pages. */
  current: FolderId | null
  renaming: FolderId | null
}>()
const emit = defineEmits<{
  go: [id: FolderId | null]
  menu: [id: FolderId, event: MouseEvent]
  rename: [id: FolderId]
  renamed: []
  act: [event: KeyboardEvent, id: FolderId]
  lay: [id: FolderId, key: string]
}>()

const ROW = 28
const [plan, placeNames, view, justMade, locks] = [usePlan(), usePlaceNames(), useView(), useJustMade(), useLocks()]
const scroller = ref<HTMLElement | null>(null)
const top = ref<{ $el: HTMLElement } | null>(null)
const focused = ref<FolderId | null>(null)
const { isOver } = useDropPlace(top, () => null)

const { narrow, isNarrowed, matches, rows, places } = useNarrowedOutline()
watch(matches, found => {
  if (isNarrowed.value) focused.value = found[0]?.id ?? null
})

function pressNarrow(event: KeyboardEvent): void {
  const best = matches.value[0]
  if (event.key === 'Enter' && best) {
    narrow.value = ''
    emit('go', best.id)
  } else if (event.key === 'Escape') narrow.value = ''
  else if (event.key === 'ArrowDown') scroller.value?.focus()
  else return
  takeKey(event)
}

const indexOf = computed(() => new Map(rows.value.map(({ folder }, index) => [folder.id, index])))
const virtualizer = useVirtualizer(
  computed(() => ({
    count: rows.value.length,
    getScrollElement: () => scroller.value,
    estimateSize: () => ROW,
    overscan: 8,
  })),
)

const shown = computed(() =>
  virtualizer.value.getVirtualItems().flatMap(item => {
    const row = rows.value[item.index]
    return row ? [{ ...row, start: item.start, place: places.value[item.index] }] : []
  }),
)

const above = computed(() =>
  pathOf(plan.tree, props.current)
    .slice(0, -1)
    .map(folder => folder.id),
)

// The open folder is always to be seen, also where it was moved to: its ancestors open, its row in view.
watch(
  [() => props.current, () => plan.outline.state, () => above.value.join()],
  () => {
    focused.value = props.current
    const closed = above.value.filter(id => !view.open.has(id))
    if (closed.length > 0) view.setOpen(closed, true)
    void nextTick(() => reveal(props.current))
  },
  { immediate: true },
)

// A drag held at an edge scrolls the outline.
let stopScrolling: (() => void) | null = null
onMounted(() => {
  if (scroller.value) stopScrolling = autoScrollForElements({ element: scroller.value })
})
onBeforeUnmount(() => stopScrolling?.())

function reveal(id: FolderId | null): void {
  const index = id === null ? undefined : indexOf.value.get(id)
  if (index !== undefined && scroller.value) virtualizer.value.scrollToIndex(index, { align: 'auto' })
}

const { press, click, twist } = useTreeKeys({
  scroller,
  rows,
  indexOf,
  focused,
  reveal,
  go: id => emit('go', id),
  rename: id => emit('rename', id),
  lay: (id, key) => emit('lay', id, key),
  act: (event, id) => emit('act', event, id),
})

const isDimmed = (id: FolderId) => view.highlighted !== null && meaningOf(plan.tree, id) !== view.highlighted
</script>

<template>
  <nav class="outline" aria-label="Outline of the plan">
    <v-btn ref="top" class="whole" :class="{ current: false, over: isOver }" @click="emit('go', null)">
      {{ plan.reply?.plan.name ?? 'Plan' }}
    </v-btn>
    <LineField
      v-model="narrow"
      data-narrow
      class="line-field narrow"
      aria-label="Narrow the outline"
      placeholder="Narrow the outline…"
      autocomplete="off"
      @keydown="pressNarrow" />
    <div
      ref="scroller"
      class="scroller"
      role="tree"
      tabindex="0"
      aria-label="Folders"
      :aria-activedescendant="focused ? `outline-${focused}` : undefined"
      @keydown="press">
      <div :style="{ height: `${virtualizer.getTotalSize()}px`, position: 'relative' }" role="presentation">
        <OutlineRow
          v-for="{ folder, depth, start, place } in shown"
          :id="folder.id"
          :key="folder.id"
          :aria-posinset="place?.at"
          :aria-setsize="place?.of"
          :style="{ position: 'absolute', insetInline: 0, top: `${start}px` }"
          :class="{ focused: focused === folder.id }"
          :name="folder.name"
          :code="placeNames.codeOf(folder.id)"
          :depth="depth"
          :count="plan.totals.get(folder.id) ?? 0"
          :is-open="view.open.has(folder.id)"
          :is-current="folder.id === current"
          :is-dimmed="isDimmed(folder.id)"
          :starred="plan.starredFolders.has(folder.id)"
          :first="folder.first"
          :locked="locks.ofFolder(folder.id) !== undefined"
          :fresh="justMade.ids.has(folder.id)"
          :folders="childrenOf(plan.tree, folder.id).length"
          :stripes="placeNames.stripes(folder.id)"
          :renaming="renaming === folder.id"
          @go="click(folder.id)"
          @twist="twist(folder.id)"
          @open="view.setOpen([folder.id], true)"
          @menu="emit('menu', folder.id, $event)"
          @renamed="emit('renamed')" />
      </div>
      <p v-if="plan.outline.state === 'ready' && rows.length === 0" class="quiet none">
        {{ isNarrowed ? 'No folder has this number or name.' : 'No folder yet.' }}
      </p>
    </div>
  </nav>
</template>

<style scoped>
.outline {
  display: flex;
  flex-direction: column;
  min-height: 0;
  flex: 1;
}
.whole {
  font-family: var(--serif);
  font-weight: 600;
  color: var(--ink-2);
  padding: 6px 14px 6px;
  font-size: 13.5px;
}
.whole:hover {
  color: var(--act);
}
.whole.over {
  background: var(--act-soft);
  outline: 2px solid var(--act);
  outline-offset: -2px;
}
.narrow {
  margin: 0 14px 6px;
  width: auto;
  padding: 3px 8px;
  font-size: 12.5px;
  background: none;
  border-color: var(--rule);
}
.scroller {
  overflow-y: auto;
  flex: 1;
  min-height: 0;
  outline: none;
}
.scroller:focus-visible :deep(.row.focused) {
  outline: 2px solid var(--act);
  outline-offset: -2px;
}
.none {
  padding: 4px 14px;
}
</style>
