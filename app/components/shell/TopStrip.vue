<script setup lang="ts">
// The strip at the top: the places, and at the right end what stands beside them.
import { mdiMenuDown } from '@mdi/js'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { usePlan } from '../../stores/plan'
import { useReceived } from '../../stores/received'
import { useSession } from '../../stores/session'
import type { ThemeChoice } from '../../stores/view'
import { THEMES } from '../../stores/view'
import { THEME_NAMES } from '../../stores/viewTexts'
import ActKey from '../common/ActKey.vue'
import PlaceTabs from './PlaceTabs.vue'
import { useIsPhone } from '../../composables/useRoom'

defineProps<{ email: string | null; person: string; theme: ThemeChoice }>()
const emit = defineEmits<{ signOut: []; theme: [choice: ThemeChoice]; keys: []; do: [] }>()

const plan = usePlan()
const [received, session] = [useReceived(), useSession()]
const freshText = computed(() => (received.fresh.length === 0 ? undefined : `${received.fresh.length} new`))
const route = useRoute()
/** On a phone what stands beside the places is in the menu, and the places at the foot. */
const isPhone = useIsPhone()
const BESIDE = [
  { to: '/history', name: 'History' },
  { to: '/trash', name: 'Trash' },
] as const
</script>

<template>
  <header class="strip">
    <NuxtLink to="/plan" class="wordmark"> Hembix </NuxtLink>
    <PlaceTabs />
    <nav class="beside" aria-label="Beside the plan">
      <v-btn class="do" aria-label="Go to or do" @click="emit('do')">Do… <ActKey act="go-to" /></v-btn>
      <template v-if="!isPhone">
        <template v-for="{ to, name } in BESIDE" :key="to">
          <NuxtLink :to="to" :class="{ here: route.path === to }">{{ name }}</NuxtLink>
          <span aria-hidden="true">·</span>
        </template>
      </template>
      <v-menu>
        <template #activator="{ props: menu }">
          <v-btn v-bind="menu" class="account">
            <span class="cut">{{ plan.reply?.plan.name ?? 'Account' }}</span><v-icon :icon="mdiMenuDown" size="16" />
          </v-btn>
        </template>
        <v-list aria-label="Account">
          <template v-if="isPhone">
            <v-list-item v-for="{ to, name } in BESIDE" :key="to" :title="name" :to="to" />
          </template>
          <v-list-item
            :title="person || email || ''"
            subtitle="Account: name, space, sessions, password"
            to="/account" />
          <template v-if="!session.isGuest">
            <v-list-item title="People" subtitle="Groups to give things to" to="/people" />
            <v-list-item title="Given out" to="/given" />
          </template>
          <v-list-item title="From others" :subtitle="freshText" to="/received" />
          <v-list-item title="Settings" to="/settings" />
          <v-list-item title="Help" to="/help" />
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
.beside {
  margin-left: auto;
  align-self: center;
  display: flex;
  gap: 8px;
  color: var(--ink-2);
  align-items: center;
}
.beside a:hover,
.account:hover,
.do:hover {
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
  .wordmark {
    margin-right: 10px;
  }
}
@media (max-width: 620px) {
  .do .key {
    display: none;
  }
  .strip {
    align-items: center;
  }
}
</style>
