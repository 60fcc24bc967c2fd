<script setup lang="ts">
// Documents under a heavy rule. Only rows in view are drawn; more are fetched while scrolling.
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref, watch } from 'vue'
import type { ListedDocument as Row, Sort } from '../../../contract/document'
import type { Dragged } from '../../composables/useDrag'
import { useOnPaper } from '../../composables/useOnPaper'
import { useScrollMargin } from '../../composables/useScrollMargin'
import { useView } from '../../stores/view'
import ColumnHead from './ColumnHead.vue'
import { columnOf, columnsWithNotes, tracksOf } from '../../stores/columns'
import ListHeading from './ListHeading.vue'
import DocumentRow from './DocumentRow.vue'
import TickBox from '../base/TickBox.vue'
import { useIsPhone } from '../../composables/useRoom'
import { rowTab } from '../../composables/rowKeys'

const props = defineProps<{
  rows: readonly Row[]
  selected: ReadonlySet<string>
  focused: string | null
  /** Tab enters at its first row while nothing is focused. */
  enters: boolean
  renaming: string | null
  /** null where the order is not the person's to choose. */
  sort: Sort | null
  descending: boolean
  /** With a column for the places, for lists from many of them. */
  showPlaces?: boolean
  /** What is said of a document instead of when it changed, and what stands over it, by its id. */
  notes?: ReadonlyMap<string, string>
  headings?: ReadonlyMap<string, string>
  dragged: (row: Row) => Dragged
  scroller: HTMLElement | null
}>()
const emit = defineEmits<{
  pick: [key: string, event: MouseEvent]
  toggle: [key: string]
  all: []
  open: [row: Row]
  star: [row: Row]
  menu: [row: Row, event: MouseEvent]
  renamed: []
  sort: [column: Sort]
  end: []
}>()

const ROW = 29
const HEADING = 38
const NEAR = 40
const list = ref<HTMLElement | null>(null)
const margin = useScrollMargin(
  list,
  () => props.scroller,
  () => props.rows.length,
)
const headingOf = (index: number) => props.headings?.get(props.rows[index]?.id ?? '')
const paper = useOnPaper()
const virtualizer = useVirtualizer(
  computed(() => ({
    count: props.rows.length,
    getScrollElement: () => props.scroller,
    estimateSize: (index: number) => (headingOf(index) === undefined ? ROW : ROW + HEADING),
    getItemKey: (index: number) => props.rows[index]?.id ?? index,
    overscan: 12,
    rangeExtractor: paper.rangeExtractor,
    scrollMargin: margin.value,
  })),
)
// Sizes are known before, so a new heading only has to be counted in.
watch(
  () => props.headings,
  () => virtualizer.value.measure(),
)
const shown = computed(() =>
  virtualizer.value.getVirtualItems().flatMap(item => {
    const row = props.rows[item.index]
    return row ? [{ row, index: item.index, start: item.start - margin.value }] : []
  }),
)

watch(shown, rows => {
  if ((rows.at(-1)?.index ?? 0) >= props.rows.length - NEAR) emit('end')
})

function reveal(id: string): void {
  const index = props.rows.findIndex(row => row.id === id)
  if (index >= 0) virtualizer.value.scrollToIndex(index, { align: 'auto' })
}
defineExpose({ reveal })

const view = useView()
// A phone has room for the name; the facts are on the card.
const isPhone = useIsPhone()
const placesShown = computed(() => props.showPlaces && !isPhone.value)
const shownColumns = computed(() => {
  const chosen = isPhone.value ? [] : view.saved.columns
  return props.notes ? columnsWithNotes(chosen) : chosen
})
const columns = computed(() => shownColumns.value.map(({ id }) => ({ id, ...columnOf(id) })))
const tracks = computed(() =>
  tracksOf(shownColumns.value, { places: placesShown.value, noted: props.notes !== undefined }),
)
const ariaSort = (column: Sort) => (props.sort === column ? (props.descending ? 'descending' : 'ascending') : undefined)
</script>

<template>
  <div
    class="document-list"
    role="grid"
    aria-label="Documents"
    :aria-rowcount="rows.length"
    aria-multiselectable="true">
    <div class="head" role="row" :style="{ gridTemplateColumns: tracks }">
      <span role="columnheader"
        ><TickBox
          aria-label="Select all"
          :model-value="rows.length > 0 && rows.every(row => selected.has(`d:${row.id}`))"
          :indeterminate="
            rows.some(row => selected.has(`d:${row.id}`)) && !rows.every(row => selected.has(`d:${row.id}`))
          "
          @update:model-value="emit('all')"
      /></span>
      <span role="columnheader">No.</span>
      <span role="columnheader" :aria-sort="ariaSort('name')">
        <v-btn v-if="sort" @click="emit('sort', 'name')">
          Name <span aria-hidden="true">{{ sort === 'name' ? (descending ? '↓' : '↑') : '' }}</span>
        </v-btn>
        <template v-else>Name</template>
      </span>
      <span v-if="placesShown" role="columnheader">Filed in</span>
      <ColumnHead
        v-for="{ id, name, sort: by, right } in columns"
        :id="id"
        :key="id"
        :name="notes && id === 'changed' ? 'When' : name"
        :right="right === true"
        :sortable="sort !== null && by !== undefined"
        :direction="by !== undefined && sort === by ? (descending ? 'down' : 'up') : null"
        @sort="by && emit('sort', by)" />
      <span role="columnheader"><span class="unseen">Star</span></span>
    </div>
    <div ref="list" role="rowgroup" :style="paper.sized(virtualizer.getTotalSize())">
      <div v-for="{ row, index, start } in shown" :key="row.id" role="presentation" :style="paper.placed(start)">
        <ListHeading v-if="headingOf(index)" :text="headingOf(index) ?? ''" />
        <DocumentRow
          :row="row"
          :number="index + 1"
          :selected="selected.has(`d:${row.id}`)"
          :focused="focused === `d:${row.id}`"
          :renaming="renaming === `d:${row.id}`"
          :tracks="tracks"
          :columns="shownColumns"
          :show-places="placesShown"
          :dragged="() => dragged(row)"
          :note="notes?.get(row.id) ?? ''"
          :aria-rowindex="index + 1"
          :tabindex="rowTab(focused, `d:${row.id}`, enters ? index : 1)"
          @pick="emit('pick', `d:${row.id}`, $event)"
          @toggle="emit('toggle', `d:${row.id}`)"
          @open="emit('open', row)"
          @star="emit('star', row)"
          @menu="emit('menu', row, $event)"
          @renamed="emit('renamed')" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.document-list {
  border-top: 2px solid var(--ink);
}
.head {
  display: grid;
  align-items: center;
  height: 28px;
  border-bottom: 1px solid var(--rule-strong);
  padding-left: 4px;
  font-size: 12.5px;
  color: var(--ink-2);
  font-weight: 600;
  position: sticky;
  top: 0;
  background: var(--paper);
  z-index: 2;
}
.head :deep(button) {
  font-weight: 600;
  width: 100%;
  height: 28px;
  text-align: inherit;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.head :deep(button:hover) {
  color: var(--act);
}
</style>
