<script setup lang="ts">
// What can be done in the open place, in words with their keys.
import { mdiMenuDown } from '@mdi/js'
import type { PlanFolder } from '../../../contract/plan'
import ColourMenu from './ColourMenu.vue'

defineProps<{ /** null: the top of the plan. */ folder: PlanFolder | null }>()
const emit = defineEmits<{ create: []; add: []; number: []; rename: []; move: []; trash: [] }>()
</script>

<template>
  <div class="acts" role="toolbar" aria-label="Acts of this folder">
    <button type="button" class="act main" @click="emit('create')">
      New folder <span class="key">N</span>
    </button>
    <button type="button" class="act" @click="emit('add')">
      {{ folder ? 'Add documents' : 'Add documents to the In-tray' }} <span class="key">U</span>
    </button>
    <button type="button" class="act" @click="emit('number')">
      Numbering…
    </button>
    <ColourMenu v-if="folder" :folder="folder" as-act />
    <v-menu v-if="folder">
      <template #activator="{ props: menu }">
        <button v-bind="menu" type="button" class="act">
          More<v-icon :icon="mdiMenuDown" size="16" />
        </button>
      </template>
      <v-list aria-label="More acts of this folder">
        <v-list-item title="Rename" @click="emit('rename')">
          <template #append>
            <span class="key">F2</span>
          </template>
        </v-list-item>
        <v-list-item title="Move to…" @click="emit('move')">
          <template #append>
            <span class="key">M</span>
          </template>
        </v-list-item>
        <v-list-item title="Put into Trash" @click="emit('trash')" />
      </v-list>
    </v-menu>
  </div>
</template>

<style scoped>
.acts { display: flex; flex-wrap: wrap; gap: 2px 5px; margin: 0 0 14px -1px; align-items: center; }
</style>
