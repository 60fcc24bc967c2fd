<script setup lang="ts">
// The way from the top to the open folder. A step goes there; its arrow offers its siblings.
import { mdiMenuDown } from '@mdi/js'
import { ref } from 'vue'
import type { FolderId } from '../../../core/ids'
import { codedName } from '../../../core/numbering/index'
import { childrenOf, pathOf } from '../../../core/tree/index'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import CrumbStep from './CrumbStep.vue'

defineProps<{ folderId: FolderId | null }>()
const emit = defineEmits<{ go: [id: FolderId | null] }>()

const plan = usePlan()
const placeNames = usePlaceNames()
const openFor = ref<FolderId | null>(null)

const label = (id: FolderId) => codedName(placeNames.codeOf(id), plan.tree.byId.get(id)?.name ?? '')
</script>

<template>
  <nav class="crumbs" aria-label="Path">
    <CrumbStep :folder-id="null" label="Plan" :is-last="folderId === null" @go="emit('go', null)" />
    <template v-for="(folder, index) in pathOf(plan.tree, folderId)" :key="folder.id">
      <span class="quiet" aria-hidden="true">›</span>
      <span class="step">
        <CrumbStep
          :folder-id="folder.id"
          :label="label(folder.id)"
          :is-last="index === pathOf(plan.tree, folderId).length - 1"
          @go="emit('go', folder.id)" />
        <v-menu :model-value="openFor === folder.id" @update:model-value="openFor = $event ? folder.id : null">
          <template #activator="{ props: menu }">
            <v-btn v-bind="menu" class="siblings" :aria-label="`Folders beside ${folder.name}`">
              <v-icon :icon="mdiMenuDown" size="15" />
            </v-btn>
          </template>
          <v-list class="sibling-list">
            <v-list-item
              v-for="sibling in childrenOf(plan.tree, folder.parentId)"
              :key="sibling.id"
              :title="label(sibling.id)"
              :active="sibling.id === folder.id"
              @click="emit('go', sibling.id)" />
          </v-list>
        </v-menu>
      </span>
    </template>
  </nav>
</template>

<style scoped>
.crumbs {
  display: flex;
  flex: 1;
  min-width: 0;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 7px;
  min-height: 22px;
  color: var(--ink-2);
}
.step {
  display: inline-flex;
  align-items: center;
  min-width: 0;
}
.siblings {
  color: var(--ink-3);
  line-height: 1;
}
.siblings:hover {
  color: var(--act);
}
.sibling-list {
  max-height: 60vh;
  overflow-y: auto;
}
</style>
