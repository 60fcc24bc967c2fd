<script setup lang="ts">
// The divider tabs, one for each place, the open one joined to the sheet; on a phone at the foot.
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { useAccessRequests } from '../../stores/accessRequests'
import { useHandovers } from '../../stores/handovers'
import { pageOf, TABS } from '../../stores/pages'
import { usePlan } from '../../stores/plan'
import { useReceived } from '../../stores/received'

const [plan, received, requests] = [usePlan(), useReceived(), useAccessRequests()]
const handovers = useHandovers()
const route = useRoute()
/** Arrivals, and what others want of one or give. */
const waiting = computed(() => plan.inTray + received.fresh.length + requests.open.length + handovers.incoming.length)
const tabs = computed(() => {
  const open = pageOf(route.name)?.tab
  return TABS.map(tab => ({ ...tab, count: tab.name === 'In-tray' ? waiting.value : 0, active: tab.name === open }))
})
</script>

<template>
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
</template>

<style scoped>
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
@media (max-width: 760px) {
  .tab {
    padding: 0 9px;
  }
}
@media (max-width: 620px) {
  .tabs {
    position: fixed;
    inset: auto 0 0;
    z-index: 20;
    height: var(--foot);
    justify-content: space-around;
    align-items: flex-start;
    background: var(--strip);
    border-top: 1px solid var(--rule-strong);
    padding: 0 6px;
  }
  .tab,
  .tab.active {
    flex: 1;
    justify-content: center;
    border: 1px solid var(--rule-strong);
    border-top: 0;
    border-radius: 0 0 7px 7px;
    height: 38px;
    margin: -1px 0 0;
  }
}
</style>
