<script setup lang="ts">
// A colour, by the browser's own picker: it knows what the person can see and mix.
defineProps<{ label: string; ink: string; /** Id of a list of colours that are offered first. */ list?: string }>()
const emit = defineEmits<{ change: [ink: string] }>()

function tell(event: Event): void {
  if (event.target instanceof HTMLInputElement) emit('change', event.target.value)
}
</script>

<template>
  <input type="color" :aria-label="label" :value="ink" :list="list" @change="tell" />
</template>
