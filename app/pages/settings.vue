<script setup lang="ts">
// What a person decides once: the plan's name, how things look, how long the Trash keeps them, and the keys.
import { computed } from 'vue'
import ChoiceField from '../components/base/ChoiceField.vue'
import LineField from '../components/base/LineField.vue'
import TickBox from '../components/base/TickBox.vue'
import KeySettings from '../components/settings/KeySettings.vue'
import TrashDays from '../components/settings/TrashDays.vue'
import { useActs } from '../stores/acts'
import { usePlan } from '../stores/plan'
import { THEMES, useView } from '../stores/view'
import { REGISTER_GROUPS, REGISTER_SORTS, THEME_NAMES } from '../stores/viewTexts'

const [acts, plan, view] = [useActs(), usePlan(), useView()]
const first = computed(() => view.saved.first)
</script>

<template>
  <div class="settings">
    <h1>Settings</h1>
    <section aria-labelledby="of-plan">
      <h2 id="of-plan">The plan</h2>
      <dl>
        <dt>Name</dt>
        <dd>
          <LineField
            class="line-field"
            aria-label="Name of the plan"
            :model-value="plan.reply?.plan.name ?? ''"
            @change="acts.act({ kind: 'plan.rename', name: $event })" />
        </dd>
        <dt>The Trash keeps things</dt>
        <dd><TrashDays /></dd>
      </dl>
    </section>
    <section aria-labelledby="of-look">
      <h2 id="of-look">In this browser</h2>
      <dl>
        <dt>Look</dt>
        <dd>
          <ChoiceField
            v-model="view.saved.theme"
            class="line-field"
            label="Look"
            :choices="THEMES.map(theme => ({ value: theme, text: THEME_NAMES[theme] }))" />
        </dd>
        <dt>Registers begin</dt>
        <dd class="several">
          <ChoiceField
            class="line-field"
            label="Order of registers"
            :model-value="first.sort"
            :choices="REGISTER_SORTS"
            @update:model-value="view.saved.first = { ...first, sort: $event }" />
          <ChoiceField
            class="line-field"
            label="Groups of registers"
            :model-value="first.group"
            :choices="REGISTER_GROUPS"
            @update:model-value="view.saved.first = { ...first, group: $event }" />
          <TickBox
            :model-value="first.descending"
            @update:model-value="view.saved.first = { ...first, descending: $event }"
            >the last first</TickBox
          >
          <TickBox
            :model-value="first.view === 'grid'"
            @update:model-value="view.saved.first = { ...first, view: $event ? 'grid' : 'list' }"
            >as sheets</TickBox
          >
          <p class="quiet">Where a folder was given a look of its own, that holds.</p>
        </dd>
      </dl>
    </section>
    <section aria-labelledby="of-keys">
      <h2 id="of-keys">Keys</h2>
      <KeySettings />
    </section>
    <section aria-labelledby="of-account">
      <h2 id="of-account">Account</h2>
      <p><NuxtLink to="/account" class="place">Space, where you are signed in, password</NuxtLink></p>
    </section>
  </div>
</template>

<style scoped>
.settings {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 18px 24px 40px;
  max-width: 860px;
}
h1 {
  font-size: 24px;
  margin-bottom: 6px;
}
h2 {
  font-size: 17px;
  margin-bottom: 6px;
}
section {
  border-top: 1px solid var(--rule-strong);
  padding: 12px 0 18px;
}
dl {
  display: grid;
  grid-template-columns: 170px minmax(0, 1fr);
  gap: 8px;
  align-items: baseline;
}
.line-field {
  width: 240px;
}
dt {
  color: var(--ink-3);
}
.several {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
}
</style>
