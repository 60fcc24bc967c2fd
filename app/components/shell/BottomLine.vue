<script setup lang="ts">
// The colour key, the last act and Undo. What could not be done is said here as well.
import { computed } from 'vue'
import { counted } from '../../../core/change/index'
import type { MeaningId } from '../../../core/ids'
import { outlineOf } from '../../../core/tree/index'
import { useDialogs } from '../../stores/dialogs'
import MeaningMark from '../common/MeaningMark.vue'
import ReadingQueue from './ReadingQueue.vue'
import WhoIsHere from './WhoIsHere.vue'
import { useActs } from '../../stores/acts'
import { useLongActs } from '../../stores/longActs'
import { useNotice } from '../../stores/notice'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import { useColourKey } from '../../stores/colourKey'
import { undoShown } from '../../stores/undoShown'
import { useView } from '../../stores/view'

const plan = usePlan()
const placeNames = usePlaceNames()
const colourKey = useColourKey()
const acts = useActs()
const longActs = useLongActs()
const notices = useNotice()
const view = useView()
const dialogs = useDialogs()

const done = computed(() => (acts.last.by === null ? '' : `${acts.last.by}: `) + (acts.last.last?.label ?? ''))
const said = computed(() => notices.present?.text ?? done.value)
const undoTitle = computed(() => (acts.undoable ? `Undo: ${acts.undoable.label} (Ctrl+Z)` : 'Nothing to undo'))
const redoTitle = computed(() => (acts.last.redo ? `Do again what was undone (Ctrl+Shift+Z)` : ''))
const used = computed(() => {
  const ids = new Set([...plan.tree.byId.values()].map(folder => folder.meaningId))
  return colourKey.meanings.filter(meaning => ids.has(meaning.id))
})

const carrying = computed(() => {
  const meaning = view.highlighted === null ? undefined : colourKey.meaningById.get(view.highlighted)
  return meaning
    ? {
        name: meaning.name,
        folders: outlineOf(plan.tree)
          .map(({ folder }) => folder)
          .filter(folder => folder.meaningId === meaning.id),
      }
    : null
})

function brighten(id: MeaningId): void {
  view.highlighted = view.highlighted === id ? null : id
}
</script>

<template>
  <footer class="line">
    <ul class="key-list" aria-label="Colour key">
      <li v-for="meaning in used" :key="meaning.id">
        <v-btn
          :aria-pressed="view.highlighted === meaning.id"
          :class="{
            on: view.highlighted === meaning.id,
            off: view.highlighted !== null && view.highlighted !== meaning.id,
          }"
          :title="`Show only “${meaning.name}” bright in the outline`"
          @click="brighten(meaning.id)">
          <MeaningMark :ink="meaning.ink" :pattern="meaning.pattern" /><span class="name">{{ meaning.name }}</span>
        </v-btn>
      </li>
      <li>
        <v-btn title="Edit the colour key" @click="dialogs.colours = true">
          {{ used.length > 0 ? 'Edit…' : 'Colour key…' }}
        </v-btn>
      </li>
    </ul>
    <div v-if="carrying" class="carrying" role="region" :aria-label="`What carries ${carrying.name}`">
      <p>
        <b>{{ carrying.name }}</b>: {{ counted(carrying.folders.length, 'folder') }} of its own
      </p>
      <NuxtLink
        v-for="folder in carrying.folders.slice(0, 100)"
        :key="folder.id"
        class="place cut"
        :to="`/plan/${folder.id}`">
        {{ placeNames.placeOf(folder.id)?.text }}
      </NuxtLink>
    </div>
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
.carrying {
  position: fixed;
  left: 14px;
  bottom: calc(var(--bottom) + 8px);
  z-index: 30;
  background: var(--sheet);
  border: 1px solid var(--ink);
  padding: 8px 14px;
  width: 270px;
  max-height: 300px;
  overflow-y: auto;
  display: grid;
  gap: 3px;
}
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
.key-list {
  display: flex;
  gap: 16px;
  list-style: none;
  padding: 0;
  overflow: hidden;
  flex: none;
  max-width: 55%;
}
.key-list button {
  display: flex;
  align-items: center;
  gap: 6px;
  white-space: nowrap;
}
.key-list button:hover,
.key-list .on {
  color: var(--ink);
  text-decoration: underline;
  text-underline-offset: 3px;
}
.key-list .off {
  opacity: 0.55;
}
/* Without room the key keeps its colours; the names are in the hints. */
@media (max-width: 1000px) {
  .key-list {
    gap: 10px;
  }
  .key-list button:not(.on) .name {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
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
