<script setup lang="ts">
// Documents as sheets side by side. Only lines in view are drawn; more are fetched while scrolling.
import { useVirtualizer } from '@tanstack/vue-virtual'
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { ListedDocument as Row } from '../../../contract/document'
import type { Dragged } from '../../composables/useDrag'
import { useOnPaper } from '../../composables/useOnPaper'
import { useScrollMargin } from '../../composables/useScrollMargin'
import GridCard from './GridCard.vue'
import { linesOf } from './gridLines'
import ListHeading from './ListHeading.vue'
import { rowTab } from '../../composables/rowKeys'

const props = defineProps<{
  rows: readonly Row[]
  selected: ReadonlySet<string>
  focused: string | null
  /** Tab enters at its first row while nothing is focused. */
  enters: boolean
  renaming: string | null
  /** What stands over a document, by its id. */
  headings?: ReadonlyMap<string, string>
  dragged: (row: Row) => Dragged
  scroller: HTMLElement | null
}>()
const emit = defineEmits<{
  pick: [key: string, event: MouseEvent]
  toggle: [key: string]
  open: [row: Row]
  star: [row: Row]
  menu: [row: Row, event: MouseEvent]
  renamed: []
  end: []
  across: [count: number]
}>()

const [CARD_WIDTH, CARD_HEIGHT, HEADING] = [164, 222, 38]
const NEAR = 4
const list = ref<HTMLElement | null>(null)
const margin = useScrollMargin(
  list,
  () => props.scroller,
  () => props.rows.length,
)
const { width } = useElementSize(list)
const across = computed(() => Math.max(1, Math.floor(width.value / CARD_WIDTH)))
const lines = computed(() => linesOf(props.rows, across.value, props.headings))
watch(across, count => emit('across', count), { immediate: true })

const paper = useOnPaper()
const virtualizer = useVirtualizer(
  computed(() => ({
    count: lines.value.length,
    getScrollElement: () => props.scroller,
    estimateSize: (index: number) => (lines.value[index]?.heading === null ? CARD_HEIGHT : HEADING + CARD_HEIGHT),
    getItemKey: (index: number) => lines.value[index]?.rows[0]?.id ?? index,
    overscan: 2,
    rangeExtractor: paper.rangeExtractor,
    scrollMargin: margin.value,
  })),
)
watch(lines, () => virtualizer.value.measure())
const shown = computed(() =>
  virtualizer.value.getVirtualItems().flatMap(item => {
    const line = lines.value[item.index]
    return line ? [{ ...line, index: item.index, start: item.start - margin.value }] : []
  }),
)
watch(shown, all => {
  if ((all.at(-1)?.index ?? 0) >= lines.value.length - NEAR) emit('end')
})

function reveal(id: string): void {
  const index = lines.value.findIndex(line => line.rows.some(row => row.id === id))
  if (index >= 0) virtualizer.value.scrollToIndex(index, { align: 'auto' })
}
defineExpose({ reveal })
</script>

<template>
  <div
    class="grid-of-sheets"
    role="grid"
    aria-label="Documents"
    :aria-rowcount="rows.length"
    aria-multiselectable="true">
    <div ref="list" role="rowgroup" :style="paper.sized(virtualizer.getTotalSize())">
      <div
        v-for="{ rows: beside, heading, start } in shown"
        :key="beside[0]?.id"
        role="presentation"
        :style="paper.placed(start)">
        <ListHeading v-if="heading !== null" :text="heading" />
        <div
          class="line"
          role="presentation"
          :style="{ gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))`, height: `${CARD_HEIGHT}px` }">
          <GridCard
            v-for="row in beside"
            :key="row.id"
            :row="row"
            :selected="selected.has(`d:${row.id}`)"
            :focused="focused === `d:${row.id}`"
            :renaming="renaming === `d:${row.id}`"
            :dragged="() => dragged(row)"
            :tabindex="rowTab(focused, `d:${row.id}`, enters && row === rows[0] ? 0 : 1)"
            @pick="emit('pick', `d:${row.id}`, $event)"
            @toggle="emit('toggle', `d:${row.id}`)"
            @open="emit('open', row)"
            @star="emit('star', row)"
            @menu="emit('menu', row, $event)"
            @renamed="emit('renamed')" />
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.grid-of-sheets {
  border-top: 2px solid var(--ink);
  padding-top: 6px;
}
.line {
  display: grid;
  gap: 0 6px;
}
</style>
