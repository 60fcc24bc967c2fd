<script setup lang="ts">
// On a phone: over the arrival that is being filed, the way back to the list and on to the next.
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js'

defineProps<{ /** From 0. */ at: number; of: number }>()
const emit = defineEmits<{ leave: []; skip: [] }>()
</script>

<template>
  <header class="step-head">
    <v-btn class="place" @click="emit('leave')"><v-icon :icon="mdiChevronLeft" size="18" />In-tray</v-btn>
    <span class="second" role="status">{{ at + 1 }} of {{ of }}</span>
    <v-btn class="place" @click="emit('skip')">skip<v-icon :icon="mdiChevronRight" size="18" /></v-btn>
  </header>
</template>

<style scoped>
.step-head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  flex: none;
  min-height: 44px;
  padding: 4px 14px;
  background: var(--strip);
  border-bottom: 1px solid var(--rule-strong);
}
button {
  min-height: 36px;
}
</style>
