<script setup lang="ts">
// What waits for a place, newest first: type, name, how it came and since when.
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref, watch } from 'vue'
import type { ListedDocument } from '../../../contract/document'
import type { Dragged } from '../../composables/useDrag'
import SelectionRectangle from '../list/SelectionRectangle.vue'
import TrayRow from './TrayRow.vue'
import { rowTab } from '../../composables/rowKeys'

const props = defineProps<{
  rows: readonly ListedDocument[]
  selected: ReadonlySet<string>
  focused: string | null
  dragged: (row: ListedDocument) => Dragged
}>()
const emit = defineEmits<{
  pick: [key: string, event: MouseEvent]
  menu: [key: string, event: MouseEvent]
  open: [row: ListedDocument]
  end: []
  select: [keys: ReadonlySet<string>]
}>()

const ROW = 56
const NEAR = 20
const scroller = ref<HTMLElement | null>(null)
const virtualizer = useVirtualizer(
  computed(() => ({
    count: props.rows.length,
    getScrollElement: () => scroller.value,
    estimateSize: () => ROW,
    overscan: 8,
  })),
)
const shown = computed(() =>
  virtualizer.value.getVirtualItems().flatMap(item => {
    const row = props.rows[item.index]
    return row ? [{ row, index: item.index, start: item.start }] : []
  }),
)
watch(shown, rows => {
  if ((rows.at(-1)?.index ?? 0) >= props.rows.length - NEAR) emit('end')
})

defineExpose({
  reveal: (key: string) => {
    const index = props.rows.findIndex(row => `d:${row.id}` === key)
    if (index >= 0) virtualizer.value.scrollToIndex(index, { align: 'auto' })
  },
})
</script>

<template>
  <div
    ref="scroller"
    class="list"
    role="grid"
    aria-label="Waiting documents"
    aria-multiselectable="true"
    :aria-rowcount="rows.length">
    <div role="rowgroup" :style="{ height: `${virtualizer.getTotalSize()}px`, position: 'relative' }">
      <TrayRow
        v-for="{ row, index, start } in shown"
        :key="row.id"
        :row="row"
        :selected="selected.has(`d:${row.id}`)"
        :focused="focused === `d:${row.id}`"
        :dragged="() => dragged(row)"
        :aria-rowindex="index + 1"
        :tabindex="rowTab(focused, `d:${row.id}`, index)"
        :style="{ position: 'absolute', insetInline: 0, top: `${start}px` }"
        @pick="emit('pick', `d:${row.id}`, $event)"
        @menu="emit('menu', `d:${row.id}`, $event)"
        @open="emit('open', row)" />
    </div>
    <SelectionRectangle :scroller="scroller" :selected="selected" @select="emit('select', $event)" />
  </div>
</template>

<style scoped>
.list {
  overflow-y: auto;
  flex: 1;
  min-height: 0;
  border-top: 1px solid var(--rule-strong);
}
</style>
