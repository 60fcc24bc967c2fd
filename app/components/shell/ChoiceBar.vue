<script setup lang="ts">
// What a finger has chosen, and what can be done with it; the usual acts as words, the others behind "More".
import { mdiClose } from '@mdi/js'
import { computed } from 'vue'
import { touchChoice } from '../../acts/touchChoice'
import ActItems from '../common/ActItems.vue'

const WORDS = ['move', 'tag'] as const
const acts = computed(() => touchChoice.value?.acts ?? [])
const usual = computed(() => WORDS.flatMap(id => acts.value.find(act => act.id === id) ?? []))
</script>

<template>
  <section v-if="touchChoice" class="choice" aria-label="Chosen">
    <b role="status">{{ touchChoice.count }} selected</b>
    <v-btn v-for="act in usual" :key="act.id" @click="act.run()">{{ act.name.replace('…', '') }}</v-btn>
    <v-menu location="top">
      <template #activator="{ props: menu }">
        <v-btn v-bind="menu" aria-label="More for what is selected">More</v-btn>
      </template>
      <v-list role="menu" aria-label="What can be done with it">
        <ActItems :acts="acts" />
      </v-list>
    </v-menu>
    <v-btn aria-label="Select nothing" @click="touchChoice.end()"><v-icon :icon="mdiClose" size="18" /></v-btn>
  </section>
</template>

<style scoped>
.choice {
  background: var(--hand);
  color: var(--on-hand);
  min-height: 44px;
  padding: 4px 16px;
  display: flex;
  align-items: center;
  gap: 16px;
  flex: none;
  font-weight: 600;
}
b {
  font-family: var(--serif);
  font-weight: 600;
  flex: 1;
}
.choice > button {
  min-height: 36px;
}
</style>
