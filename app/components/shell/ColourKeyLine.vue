<script setup lang="ts">
// The colour key: what each colour means; a click shows what carries it.
import { computed } from 'vue'
import { counted } from '../../../core/change/index'
import type { MeaningId } from '../../../core/ids'
import { outlineOf } from '../../../core/tree/index'
import { useColourKey } from '../../stores/colourKey'
import { useDialogs } from '../../stores/dialogs'
import { usePlaceNames } from '../../stores/placeNames'
import { usePlan } from '../../stores/plan'
import { useView } from '../../stores/view'
import MeaningMark from '../common/MeaningMark.vue'

const [plan, placeNames, colourKey, view, dialogs] = [
  usePlan(),
  usePlaceNames(),
  useColourKey(),
  useView(),
  useDialogs(),
]
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
</template>

<style scoped>
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
</style>
