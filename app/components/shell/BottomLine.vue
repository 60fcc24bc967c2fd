<script setup lang="ts">
// The colour key, the last act and Undo. What could not be done is said here as well.
import { computed } from 'vue'
import ColourKeyLine from './ColourKeyLine.vue'
import ReadingQueue from './ReadingQueue.vue'
import WhoIsHere from './WhoIsHere.vue'
import { useActs } from '../../stores/acts'
import { useLongActs } from '../../stores/longActs'
import { useNotice } from '../../stores/notice'
import { undoShown } from '../../stores/undoShown'

const acts = useActs()
const longActs = useLongActs()
const notices = useNotice()

const done = computed(() => (acts.last.by === null ? '' : `${acts.last.by}: `) + (acts.last.last?.label ?? ''))
const said = computed(() => notices.present?.text ?? done.value)
const undoTitle = computed(() => (acts.undoable ? `Undo: ${acts.undoable.label} (Ctrl+Z)` : 'Nothing to undo'))
const redoTitle = computed(() => (acts.last.redo ? `Do again what was undone (Ctrl+Shift+Z)` : ''))
</script>

<template>
  <footer class="line">
    <ColourKeyLine />
    <WhoIsHere />
    <ReadingQueue />
    <template v-if="longActs.running">
      <label class="long"
        >Working: {{ longActs.running.done.toLocaleString('en-GB') }} of
        {{ longActs.running.total.toLocaleString('en-GB') }}
        <progress :value="longActs.running.done" :max="longActs.running.total"
      /></label>
      <v-btn class="do" title="Stop; nothing of it is kept" @click="longActs.stop()">Stop</v-btn>
    </template>
    <p
      v-else
      class="said cut"
      :class="{ warn: notices.present?.isRefusal }"
      role="status"
      aria-live="polite"
      :title="said">
      {{ said }}
    </p>
    <v-btn v-if="notices.present" class="do" @click="notices.present = null">Close</v-btn>
    <v-btn v-if="notices.present?.undo" class="do" title="Undo (Ctrl+Z)" @click="undoShown()">Undo</v-btn>
    <v-btn v-else-if="acts.undoable" class="do" :title="undoTitle" @click="undoShown()">{{
      acts.last.by === null ? 'Undo' : 'Undo what you did'
    }}</v-btn>
    <v-btn v-if="acts.last.redo" class="do" :title="redoTitle" @click="acts.redo()">Redo</v-btn>
  </footer>
</template>

<style scoped>
.line {
  height: var(--bottom);
  background: var(--strip);
  border-top: 1px solid var(--rule-strong);
  display: flex;
  align-items: center;
  gap: 16px;
  padding: 0 14px;
  font-size: 12.5px;
  color: var(--ink-2);
  flex: none;
}
.said {
  flex: 1;
  text-align: right;
}
.long {
  flex: 1;
  text-align: right;
  font-variant-numeric: tabular-nums;
}
.long progress {
  width: 120px;
  height: 6px;
  accent-color: var(--act);
  vertical-align: middle;
  margin-left: 8px;
}
.do {
  color: var(--act);
  font-weight: 600;
  flex: none;
}
.do:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
