<script setup lang="ts">
// What the plan will be, line by line, with what happens to each folder.
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref } from 'vue'
import type { Compared } from '../../stores/draftComparison'
import TickBox from '../base/TickBox.vue'
import PreviewRow from './PreviewRow.vue'

const props = defineProps<{
  compared: Compared
  /** Ink of a meaning by its name. */
  inkOf: (meaning: string) => string | null
  /** What the root of the draft shows. */
  rootInk: string | null
}>()
const emit = defineEmits<{ line: [line: number] }>()

const ROW = 30
const onlyChanged = ref(false)
const scroller = ref<HTMLElement | null>(null)

const stripes = computed(() => {
  const made: (string | null)[][] = []
  for (const row of props.compared.rows) {
    const above = row.parent < 0 ? (props.rootInk === null ? [] : [props.rootInk]) : (made[row.parent] ?? [])
    made.push([...above, row.meaning === null ? (above.at(-1) ?? null) : props.inkOf(row.meaning)])
  }
  return made
})
const shownRows = computed(() =>
  props.compared.rows
    .map((row, index) => ({ row, index }))
    .filter(({ row }) => !onlyChanged.value || row.states.length > 0),
)
const virtualizer = useVirtualizer(
  computed(() => ({
    count: shownRows.value.length,
    getScrollElement: () => scroller.value,
    estimateSize: () => ROW,
    overscan: 10,
  })),
)
const visible = computed(() =>
  virtualizer.value.getVirtualItems().flatMap(item => {
    const shown = shownRows.value[item.index]
    return shown ? [{ ...shown, start: item.start }] : []
  }),
)
</script>

<template>
  <div class="preview">
    <p class="bar">
      <span class="quiet">{{ compared.rows.length.toLocaleString('en-GB') }} folders as they will be</span>
      <TickBox v-model="onlyChanged">only what changes</TickBox>
    </p>
    <div ref="scroller" class="rows" tabindex="0" role="region" aria-label="The plan as it will be">
      <ol :style="{ height: `${virtualizer.getTotalSize()}px` }">
        <PreviewRow
          v-for="{ row, index, start } in visible"
          :key="row.id"
          :row="row"
          :inks="stripes[index] ?? []"
          :style="{ top: `${start}px` }"
          @click="emit('line', row.line)" />
      </ol>
      <p v-if="shownRows.length === 0" class="quiet none">
        {{ onlyChanged ? 'Nothing changes yet.' : 'Write a folder at the left, or paste an outline.' }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.preview {
  display: flex;
  flex-direction: column;
  min-height: 0;
  flex: 1;
}
.bar {
  display: flex;
  justify-content: space-between;
  font-size: 12.5px;
  padding: 4px 0;
  color: var(--ink-2);
}
.rows {
  border-top: 2px solid var(--ink);
  overflow-y: auto;
  flex: 1;
  min-height: 60px;
}
ol {
  position: relative;
  list-style: none;
  padding: 0;
  margin: 0;
}
.none {
  padding: 14px 4px;
}
</style>
