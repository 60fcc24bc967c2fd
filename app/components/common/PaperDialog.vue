<script setup lang="ts">
// A sheet that asks something: title, what is asked, the acts below. Esc and a click beside it leave it.
defineProps<{ open: boolean; title: string; width: number; /** Its name for those who do not see it. */ label: string }>()
const emit = defineEmits<{ leave: [] }>()
defineSlots<{ default: () => unknown; acts: () => unknown }>()
</script>

<template>
  <v-dialog :model-value="open" :width="width" :aria-label="label" @update:model-value="emit('leave')">
    <v-card>
      <v-card-title>{{ title }}</v-card-title>
      <v-card-text>
        <slot />
      </v-card-text>
      <v-card-actions>
        <slot name="acts" />
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>
