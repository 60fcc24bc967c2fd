<script setup lang="ts">
// What the plan will be, line by line, with what happens to each folder.
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref } from 'vue'
import type { LineState } from '../../../core/draft/index'
import type { Compared } from '../../stores/draftComparison'
import TickBox from '../base/TickBox.vue'

const props = defineProps<{
  compared: Compared
  /** Ink of a meaning by its name. */
  inkOf: (meaning: string) => string | null
  /** What the root of the draft shows. */
  rootInk: string | null
}>()
const emit = defineEmits<{ line: [line: number] }>()

const ROW = 30
const STATE_WORDS: Record<LineState, string> = {
  new: 'new',
  renamed: 'renamed',
  moved: 'moved',
  reordered: 'other order',
  renumbered: 'other number',
  recoloured: 'other colour',
  described: 'other purpose',
}
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
const words = (states: readonly LineState[]) =>
  states.length === 0 ? 'kept' : states.map(state => STATE_WORDS[state]).join(', ')
</script>

<template>
  <div class="preview">
    <p class="bar">
      <span class="quiet">{{ compared.rows.length.toLocaleString('en-GB') }} folders as they will be</span>
      <TickBox v-model="onlyChanged">only what changes</TickBox>
    </p>
    <div ref="scroller" class="rows" tabindex="0" role="region" aria-label="The plan as it will be">
      <ol :style="{ height: `${virtualizer.getTotalSize()}px` }">
        <li
          v-for="{ row, index, start } in visible"
          :key="row.id"
          :style="{ top: `${start}px` }"
          :class="{ top: row.depth === 0 }"
          @click="emit('line', row.line)">
          <span class="stripes" aria-hidden="true"
            ><i v-for="(ink, at) in stripes[index]" :key="at" :style="{ background: ink ?? 'var(--no-colour)' }"
          /></span>
          <span class="code" :style="{ paddingLeft: `${row.depth * 20}px` }">{{ row.code }}</span>
          <span class="name cut" :title="row.was ? `now: ${row.was}` : undefined"
            >{{ row.name
            }}<span v-if="row.was && row.states.includes('renamed')" class="quiet was"> was {{ row.was }}</span></span
          >
          <span class="state" :class="row.states.length === 0 ? 'kept' : row.states[0] === 'new' ? 'new' : 'changed'">{{
            words(row.states)
          }}</span>
        </li>
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
li {
  position: absolute;
  inset-inline: 0;
  height: 30px;
  display: flex;
  align-items: center;
  gap: 9px;
  border-bottom: 1px solid var(--rule);
  padding-right: 4px;
  cursor: default;
}
li:hover {
  background: var(--act-soft);
}
li.top .name {
  font-weight: 600;
}
.stripes {
  display: flex;
  gap: 2px;
  align-self: stretch;
  width: 30px;
  flex: none;
  overflow: hidden;
}
.stripes i {
  width: 5px;
}
.code {
  color: var(--ink-2);
  font-weight: 500;
  flex: none;
  min-width: 20px;
}
.name {
  flex: 1;
}
.was {
  font-weight: 400;
  font-size: 12px;
  margin-left: 6px;
}
.state {
  font-size: 12px;
  font-weight: 600;
  flex: none;
}
.state.kept {
  color: var(--ink-3);
  font-weight: 400;
}
.state.new {
  color: var(--act);
}
.state.changed {
  color: var(--warn);
}
.none {
  padding: 14px 4px;
}
</style>
