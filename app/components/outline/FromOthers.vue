<script setup lang="ts">
// What others gave to me, under the outline: by whom, and what is new.
import { useRoute } from 'vue-router'
import { useReceived } from '../../stores/received'

const received = useReceived()
const route = useRoute()
const SHOWN = 6
const isFresh = ({ openedAt, muted }: (typeof received.all)[number]) => openedAt === null && !muted
const textOf = ({ from, name, target }: (typeof received.all)[number]) =>
  target === 'plan' ? name : `${from}: ${name}`
</script>

<template>
  <nav v-if="received.all.length > 0" class="others" aria-label="From others">
    <p class="part-head"><NuxtLink to="/received">From others</NuxtLink></p>
    <NuxtLink
      v-for="one in received.all.slice(0, SHOWN)"
      :key="one.id"
      class="line"
      :class="{ current: route.path === `/received/${one.id}`, fresh: isFresh(one) }"
      :to="`/received/${one.id}`"
      :title="`From ${one.from}`">
      <span class="cut">{{ textOf(one) }}</span>
      <span v-if="isFresh(one)" class="new">new</span>
    </NuxtLink>
    <NuxtLink v-if="received.all.length > SHOWN" class="line place" to="/received">
      All {{ received.all.length }}
    </NuxtLink>
  </nav>
</template>

<style scoped>
.others {
  flex: none;
  padding: 10px 14px 8px;
  border-top: 1px solid var(--rule);
}
.line {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 28px;
  min-width: 0;
}
.line .cut {
  flex: 1;
}
.line:hover {
  color: var(--act);
}
.current,
.fresh {
  font-weight: 600;
}
.new {
  color: var(--warn);
  font-size: 12px;
}
</style>
