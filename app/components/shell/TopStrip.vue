<script setup lang="ts">
// The divider tabs: the places, and at the right end what stands beside them.
import { mdiMenuDown } from '@mdi/js'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { pageOf, TABS } from '../../stores/pages'
import { usePlan } from '../../stores/plan'
import type { ThemeChoice } from '../../stores/view'
import { THEMES } from '../../stores/view'

defineProps<{ email: string | null; theme: ThemeChoice }>()
const emit = defineEmits<{ signOut: []; theme: [choice: ThemeChoice]; keys: [] }>()

const plan = usePlan()
const route = useRoute()
const tabs = computed(() => {
  const open = pageOf(route.name)?.tab
  return TABS.map(tab => ({ ...tab, count: tab.name === 'In-tray' ? plan.inTray : 0, active: tab.name === open }))
})
const THEME_NAMES: Record<ThemeChoice, string> = { system: 'as the system', light: 'light', dark: 'dark' }
</script>

<template>
  <header class="strip">
    <NuxtLink to="/plan" class="wordmark"> Hembix </NuxtLink>
    <nav class="tabs" aria-label="Places">
      <NuxtLink
        v-for="tab in tabs"
        :key="tab.to"
        :to="tab.to"
        class="tab"
        :class="{ active: tab.active }"
        :aria-current="tab.active ? 'page' : undefined">
        {{ tab.name }}<span v-if="tab.count > 0" class="count">{{ tab.count.toLocaleString('en-GB') }}</span>
      </NuxtLink>
    </nav>
    <nav class="beside" aria-label="Beside the plan">
      <NuxtLink to="/history" :class="{ here: route.path === '/history' }"> History </NuxtLink>
      <span aria-hidden="true">·</span>
      <NuxtLink to="/trash" :class="{ here: route.path === '/trash' }"> Trash </NuxtLink>
      <span aria-hidden="true">·</span>
      <v-menu>
        <template #activator="{ props: menu }">
          <v-btn v-bind="menu" class="account">
            {{ plan.reply?.plan.name ?? 'Account' }}<v-icon :icon="mdiMenuDown" size="16" />
          </v-btn>
        </template>
        <v-list aria-label="Account">
          <v-list-item :title="email ?? ''" subtitle="Account: space, sessions, password" to="/account" />
          <v-list-item title="Keys" @click="emit('keys')" />
          <v-list-item
            v-for="choice in THEMES"
            :key="choice"
            :title="`Look: ${THEME_NAMES[choice]}`"
            :active="theme === choice"
            @click="emit('theme', choice)" />
          <v-list-item title="Sign out" @click="emit('signOut')" />
        </v-list>
      </v-menu>
    </nav>
  </header>
</template>

<style scoped>
.strip {
  height: var(--top);
  background: var(--strip);
  border-bottom: 1px solid var(--rule-strong);
  display: flex;
  align-items: flex-end;
  padding: 0 14px 0 16px;
  flex: none;
}
.wordmark {
  font-family: var(--serif);
  font-size: 20px;
  font-weight: 700;
  align-self: center;
  margin-right: 22px;
}
.tabs {
  display: flex;
  gap: 2px;
  align-items: flex-end;
}
.tab {
  border: 1px solid var(--rule-strong);
  border-bottom: 0;
  border-radius: 7px 7px 0 0;
  padding: 0 15px;
  height: 35px;
  display: flex;
  align-items: center;
  gap: 7px;
  color: var(--ink-2);
  background: color-mix(in srgb, var(--paper) 45%, var(--strip));
}
.tab:hover {
  color: var(--ink);
}
.tab.active {
  background: var(--paper);
  color: var(--ink);
  font-weight: 600;
  height: 37px;
  margin-bottom: -1px;
}
.count {
  font-size: 12px;
  font-weight: 600;
  color: var(--warn);
}
.beside {
  margin-left: auto;
  align-self: center;
  display: flex;
  gap: 8px;
  color: var(--ink-2);
  align-items: center;
}
.beside a:hover,
.account:hover {
  color: var(--act);
}
.beside .here {
  color: var(--ink);
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 4px;
}
.account {
  display: inline-flex;
  align-items: center;
  max-width: 200px;
}
@media (max-width: 760px) {
  .tab {
    padding: 0 9px;
  }
  .wordmark {
    margin-right: 10px;
  }
}
</style>
