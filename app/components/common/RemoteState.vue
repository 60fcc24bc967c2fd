<script setup lang="ts" generic="T">
// Loading and error of something that the server holds; what is ready goes into the slot.
import type { Remote } from '../../stores/remote'

defineProps<{ remote: Remote<T> }>()
defineEmits<{ again: [] }>()
defineSlots<{ default: (props: { value: T }) => unknown }>()
</script>

<template>
  <div v-if="remote.state === 'error'" class="empty" role="alert">
    <h2>This could not be shown</h2>
    <p>{{ remote.reason.message }}</p>
    <v-btn class="act main" @click="$emit('again')">Try again</v-btn>
  </div>
  <p v-else-if="remote.state !== 'ready'" class="loading quiet" role="status">Looking…</p>
  <slot v-else :value="remote.value" />
</template>

<style scoped>
.loading {
  padding: 18px 4px;
  animation: late 0.4s steps(1) both;
}
@keyframes late {
  from {
    visibility: hidden;
  }
  to {
    visibility: visible;
  }
}
</style>
