<script setup lang="ts">
// The "?" beside a thing.
import { HELP } from '../../stores/helpTopics'
import type { HelpId } from '../../stores/helpTopics'
import HelpText from './HelpText.vue'

defineProps<{ topic: HelpId }>()
</script>

<template>
  <v-menu :close-on-content-click="false">
    <template #activator="{ props: menu }">
      <v-btn v-bind="menu" class="help-sign" :aria-label="`What is this: ${HELP[topic].title}?`">?</v-btn>
    </template>
    <div class="sheet" role="note">
      <p class="part-head">{{ HELP[topic].title }}</p>
      <HelpText :topic="topic" />
      <p><NuxtLink class="place" to="/help">All help</NuxtLink></p>
    </div>
  </v-menu>
</template>

<style scoped>
.help-sign {
  display: inline-grid;
  place-items: center;
  width: 24px;
  height: 24px;
  color: var(--ink-3);
  font-size: 13px;
  font-weight: 600;
  border: 1px solid transparent;
}
.help-sign:hover,
.help-sign[aria-expanded='true'] {
  color: var(--act);
  border-color: var(--rule-strong);
}
.sheet {
  width: min(440px, 92vw);
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  padding: 12px 16px;
  display: grid;
  gap: 8px;
}
</style>
