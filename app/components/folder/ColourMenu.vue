<script setup lang="ts">
// A folder's colour: a meaning of the key, or its parent's.
import type { PlanFolder } from '../../../contract/plan'
import { computed } from 'vue'
import { useActs } from '../../stores/acts'
import { usePlan } from '../../stores/plan'
import { useColourKey } from '../../stores/colourKey'
import { useDialogs } from '../../stores/dialogs'
import { counted } from '../../../core/change/index'
import { meaningOf } from '../../../core/colour/index'
import { branchOf } from '../../../core/tree/index'
import MeaningMark from '../common/MeaningMark.vue'

const props = defineProps<{
  folder: PlanFolder
  /** As an act of the page rather than a fact of the card. */
  asAct?: boolean
}>()
const plan = usePlan()
const colourKey = useColourKey()
const acts = useActs()
const dialogs = useDialogs()
/** Folders below with a colour of their own. */
const below = computed(
  () =>
    branchOf(plan.tree, props.folder.id)
      .slice(1)
      .filter(folder => folder.meaningId !== null).length,
)
const shown = computed(() => {
  const id = meaningOf(plan.tree, props.folder.id)
  return id === null ? null : (colourKey.meaningById.get(id) ?? null)
})
</script>

<template>
  <v-menu>
    <template #activator="{ props: menu }">
      <v-btn v-bind="menu" :class="asAct ? 'act' : 'place'">
        <template v-if="asAct"> Colour… </template>
        <template v-else>
          <i class="ink" :style="{ background: shown?.ink ?? 'var(--no-colour)' }" />{{ shown?.name ?? 'none' }}
        </template>
      </v-btn>
    </template>
    <v-list aria-label="Colour of the folder">
      <v-list-item
        title="As its parent"
        :active="folder.meaningId === null"
        @click="acts.act({ kind: 'folder.colour', id: folder.id, meaningId: null })">
        <template #prepend>
          <i class="ink none" />
        </template>
      </v-list-item>
      <v-list-item
        v-for="meaning in colourKey.meanings"
        :key="meaning.id"
        :title="meaning.name"
        :active="folder.meaningId === meaning.id"
        @click="acts.act({ kind: 'folder.colour', id: folder.id, meaningId: meaning.id })">
        <template #prepend>
          <MeaningMark class="ink" :ink="meaning.ink" :pattern="meaning.pattern" />
        </template>
      </v-list-item>
      <hr class="line" />
      <v-list-item
        v-if="below > 0"
        :title="`Give it to ${counted(below, 'folder')} below as well`"
        @click="acts.act({ kind: 'folder.colour', id: folder.id, meaningId: folder.meaningId, below: true })" />
      <v-list-item title="Edit the colour key…" @click="dialogs.colours = true" />
    </v-list>
  </v-menu>
</template>

<style scoped>
.ink {
  display: inline-block;
  width: 12px;
  height: 12px;
  margin-right: 8px;
  vertical-align: -1px;
}
.line {
  border: 0;
  border-top: 1px solid var(--rule);
  margin: 3px 0;
}
.ink.none {
  border: 1px dashed var(--rule-strong);
}
</style>
