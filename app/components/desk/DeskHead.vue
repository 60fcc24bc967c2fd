<script setup lang="ts">
import HelpSign from '../help/HelpSign.vue'
// The heading of the Desk and its two views.
defineProps<{ view: 'now' | 'recent' }>()
const VIEWS = { now: { to: '/desk', text: 'on it now' }, recent: { to: '/recent', text: 'recent' } } as const
</script>

<template>
  <div class="desk-head">
    <div class="titled">
      <h1>Desk</h1>
      <HelpSign topic="kept" />
    </div>
    <nav aria-label="Views of the Desk">
      <NuxtLink
        v-for="({ to, text }, key) in VIEWS"
        :key="key"
        :to="to"
        class="place"
        :class="{ here: key === view }"
        :aria-current="key === view ? 'page' : undefined">
        {{ text }}
      </NuxtLink>
    </nav>
  </div>
</template>

<style scoped>
h1 {
  font-size: 24px;
  line-height: 32px;
}
.desk-head {
  display: flex;
  align-items: baseline;
  gap: 24px;
  margin-bottom: 10px;
}
nav {
  display: flex;
  gap: 16px;
}
.here {
  color: var(--ink);
  text-decoration: underline;
  text-underline-offset: 4px;
}
</style>
