<script setup lang="ts">
// The colour key, the last act and Undo. What could not be done is said here as well.
import { computed } from 'vue'
import type { MeaningId } from '../../../core/ids'
import { useActs } from '../../stores/acts'
import { usePlan } from '../../stores/plan'
import { useView } from '../../stores/view'

const plan = usePlan()
const acts = useActs()
const view = useView()

const said = computed(() => acts.notice?.text ?? acts.last.last?.label ?? '')
const undoTitle = computed(() => (acts.last.undo ? `Undo: ${acts.last.undo.label} (Ctrl+Z)` : 'Nothing to undo'))
const redoTitle = computed(() => (acts.last.redo ? `Do again what was undone (Ctrl+Shift+Z)` : ''))
const used = computed(() => {
  const ids = new Set([...plan.tree.byId.values()].map(folder => folder.meaningId))
  return plan.meanings.filter(meaning => ids.has(meaning.id))
})

function brighten(id: MeaningId): void {
  view.bright = view.bright === id ? null : id
}
</script>

<template>
  <footer class="line">
    <ul class="key-list" aria-label="Colour key">
      <li v-for="meaning in used" :key="meaning.id">
        <button type="button" :aria-pressed="view.bright === meaning.id" :class="{ on: view.bright === meaning.id, off: view.bright !== null && view.bright !== meaning.id }" :title="`Show only “${meaning.name}” bright in the outline`" @click="brighten(meaning.id)">
          <i :style="{ background: meaning.ink }" /><span class="name">{{ meaning.name }}</span>
        </button>
      </li>
    </ul>
    <p class="said cut" :class="{ warn: acts.notice?.isRefusal }" role="status" aria-live="polite" :title="said">
      {{ said }}
    </p>
    <button v-if="acts.notice" type="button" class="do" @click="acts.notice = null">
      Close
    </button>
    <button v-if="acts.last.undo" type="button" class="do" :title="undoTitle" @click="acts.undo()">
      Undo
    </button>
    <button v-if="acts.last.redo" type="button" class="do" :title="redoTitle" @click="acts.redo()">
      Redo
    </button>
  </footer>
</template>

<style scoped>
.line { height: var(--bottom); background: var(--strip); border-top: 1px solid var(--rule-strong); display: flex; align-items: center; gap: 16px; padding: 0 14px; font-size: 12.5px; color: var(--ink-2); flex: none; }
.key-list { display: flex; gap: 16px; list-style: none; padding: 0; overflow: hidden; flex: none; max-width: 55%; }
.key-list button { display: flex; align-items: center; gap: 6px; white-space: nowrap; }
.key-list button:hover, .key-list .on { color: var(--ink); text-decoration: underline; text-underline-offset: 3px; }
.key-list .off { opacity: 0.55; }
.key-list i { width: 10px; height: 10px; }
/* Without room the key keeps its colours; the names are in the hints. */
@media (max-width: 1000px) {
  .key-list { gap: 10px; }
  .key-list button:not(.on) .name { position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); }
}
.said { flex: 1; text-align: right; }
.do { color: var(--act); font-weight: 600; flex: none; }
.do:hover { text-decoration: underline; text-underline-offset: 3px; }
</style>
