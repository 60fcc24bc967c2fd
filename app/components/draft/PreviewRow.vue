<script setup lang="ts">
// A folder as it will be, and what happens to it.
import type { LineState } from '../../../core/draft/index'
import type { Compared } from '../../stores/draftComparison'
import PathStripes from '../common/PathStripes.vue'

defineProps<{ row: Compared['rows'][number]; inks: readonly (string | null)[] }>()

const STATE_WORDS: Record<LineState, string> = {
  new: 'new',
  renamed: 'renamed',
  moved: 'moved',
  reordered: 'other order',
  renumbered: 'other number',
  recoloured: 'other colour',
  described: 'other purpose',
}
const words = (states: readonly LineState[]) =>
  states.length === 0 ? 'kept' : states.map(state => STATE_WORDS[state]).join(', ')
const tone = ([first]: readonly LineState[]) => (first === undefined ? 'kept' : first === 'new' ? 'new' : 'changed')
</script>

<template>
  <li :class="{ top: row.depth === 0 }">
    <PathStripes :inks="inks" />
    <span class="code" :style="{ paddingLeft: `${row.depth * 20}px` }">{{ row.code }}</span>
    <span class="name cut" :title="row.was ? `now: ${row.was}` : undefined"
      >{{ row.name
      }}<span v-if="row.was && row.states.includes('renamed')" class="quiet was"> was {{ row.was }}</span></span
    >
    <span class="state" :class="tone(row.states)">{{ words(row.states) }}</span>
  </li>
</template>

<style scoped>
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
</style>
