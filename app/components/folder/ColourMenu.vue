<script setup lang="ts">
// A folder's colour as a fact of its card, and the menu that changes it.
import type { PlanFolder } from '../../../contract/plan'
import { computed, ref } from 'vue'
import { usePlan } from '../../stores/plan'
import { useColourKey } from '../../stores/colourKey'
import { meaningOf } from '../../../core/colour/index'
import ColourChoices from './ColourChoices.vue'

const props = defineProps<{ folder: PlanFolder }>()
const [plan, colourKey] = [usePlan(), useColourKey()]
const isOpen = ref(false)
const shown = computed(() => {
  const id = meaningOf(plan.tree, props.folder.id)
  return id === null ? null : (colourKey.meaningById.get(id) ?? null)
})
</script>

<template>
  <v-menu v-model="isOpen">
    <template #activator="{ props: menu }">
      <v-btn v-bind="menu" class="place">
        <i class="ink" :style="{ background: shown?.ink ?? 'var(--no-colour)' }" />{{ shown?.name ?? 'none' }}
      </v-btn>
    </template>
    <ColourChoices :folder-id="folder.id" :document-ids="[]" @chosen="isOpen = false" />
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
</style>
