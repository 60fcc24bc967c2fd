<script setup lang="ts">
// The menu of a thing, at the pointer: the same acts in the same order everywhere.
import type { ThingAct } from '../../composables/useThings'

defineProps<{ acts: readonly ThingAct[]; at: { readonly x: number; readonly y: number } | null }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <v-menu :model-value="at !== null" :target="at ? [at.x, at.y] : undefined" @update:model-value="emit('close')">
    <v-list aria-label="What can be done with it">
      <v-list-item v-for="act in acts" :key="act.name" :title="act.name" @click="act.run()">
        <template #append>
          <span class="key">{{ act.key }}</span>
        </template>
      </v-list-item>
    </v-list>
  </v-menu>
</template>
