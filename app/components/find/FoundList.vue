<script setup lang="ts">
// The documents that were found, under the headings of their groups. Only the rows in view are drawn; on paper all.
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, watch } from 'vue'
import type { FoundDocument } from '../../../contract/find'
import type { FoundGroup, Rule } from '../../../core/find/index'
import type { Term } from '../../../core/text/index'
import type { Dragged } from '../../composables/useDrag'
import { useBeforePrint, useOnPaper } from '../../composables/useOnPaper'
import { rowTab } from '../../composables/rowKeys'
import FoundRow from './FoundRow.vue'
import GroupHeading from './GroupHeading.vue'

const props = defineProps<{
  documents: readonly FoundDocument[]
  terms: readonly Term[]
  group: FoundGroup
  selected: ReadonlySet<string>
  focused: string | null
  /** The row whose name is being written. */
  renaming: string | null
  dragged: (key: string) => Dragged
  scroller: HTMLElement | null
  /** Loads all of them, for printing. */
  loadAll: () => Promise<unknown>
}>()
const emit = defineEmits<{
  pick: [key: string, event: MouseEvent]
  open: [id: string]
  menu: [key: string, event: MouseEvent]
  renamed: []
  only: [rule: Rule]
  without: [rule: Rule]
  star: [row: FoundDocument]
  /** The end is nearly in view. */
  end: []
  reached: [event: FocusEvent]
}>()

const paper = useOnPaper()
useBeforePrint(() => props.loadAll())
const virtualizer = useVirtualizer(
  computed(() => ({
    count: props.documents.length,
    getScrollElement: () => props.scroller,
    estimateSize: () => 76,
    overscan: 6,
    rangeExtractor: paper.rangeExtractor,
    getItemKey: (index: number) => props.documents[index]?.id ?? index,
  })),
)
const shown = computed(() =>
  virtualizer.value.getVirtualItems().flatMap(({ index, start }) => {
    const row = props.documents[index]
    if (!row) return []
    const beginsGroup = props.group !== 'none' && (index === 0 || row.group !== props.documents[index - 1]?.group)
    return [{ row, key: `d:${row.id}`, index, start, beginsGroup }]
  }),
)
watch(shown, rows => {
  if ((rows.at(-1)?.index ?? 0) > props.documents.length - 8) emit('end')
})
const measure = (element: Element | null) => virtualizer.value.measureElement(element)

defineExpose({
  reveal: (key: string) => virtualizer.value.scrollToIndex(props.documents.findIndex(({ id }) => `d:${id}` === key)),
})
</script>

<template>
  <div
    role="grid"
    aria-label="Found documents"
    aria-multiselectable="true"
    :aria-rowcount="documents.length"
    :style="paper.sized(virtualizer.getTotalSize())"
    @focusin="emit('reached', $event)">
    <div
      v-for="{ row, key, index, start, beginsGroup } in shown"
      :key="row.id"
      :ref="el => measure(el as Element | null)"
      :data-index="index"
      role="presentation"
      :style="paper.placed(start)">
      <div v-if="beginsGroup" role="row">
        <div role="gridcell">
          <GroupHeading :group="group" :value="row.group" />
        </div>
      </div>
      <FoundRow
        :row="row"
        :tabindex="rowTab(focused, key, index)"
        :aria-rowindex="index + 1"
        :terms="terms"
        :selected="selected.has(key)"
        :focused="focused === key"
        :renaming="renaming === key"
        :dragged="() => dragged(key)"
        @pick="emit('pick', key, $event)"
        @open="emit('open', row.id)"
        @menu="emit('menu', key, $event)"
        @renamed="emit('renamed')"
        @only="emit('only', $event)"
        @without="emit('without', $event)"
        @star="emit('star', row)" />
    </div>
  </div>
</template>
