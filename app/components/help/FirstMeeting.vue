<script setup lang="ts">
// What a thing is for, told where it is met for the first time, and never again unless it is asked for.
import { computed } from 'vue'
import type { HelpId, HelpTopic } from '../../stores/helpTopics'
import { HELP, metTopics } from '../../stores/helpTopics'

const props = defineProps<{ topic: HelpId }>()
const met = metTopics()
const help = computed<HelpTopic>(() => HELP[props.topic])
const isNew = computed(() => !met.value.includes(props.topic))
const understood = () => (met.value = [...met.value, props.topic])
</script>

<template>
  <aside v-if="isNew" class="first" :aria-label="`About: ${help.title}`">
    <p v-for="sentence in help.text" :key="sentence">{{ sentence }}</p>
    <v-btn class="place" @click="understood">Understood</v-btn>
  </aside>
</template>

<style scoped>
.first {
  border-left: 3px solid var(--rule-strong);
  padding: 2px 0 2px 12px;
  margin: 8px 0;
  color: var(--ink-2);
  display: grid;
  gap: 4px;
  justify-items: start;
  max-width: 620px;
}
/* On a phone the first sentence leaves room for what it is about. */
@media (max-width: 620px) {
  .first p + p {
    display: none;
  }
}
@media print {
  .first {
    display: none;
  }
}
</style>
