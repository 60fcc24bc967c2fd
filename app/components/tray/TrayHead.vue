<script setup lang="ts">
// Where one is, how many wait and since when, and the ways by which something arrives.
import { computed } from 'vue'
import { counted } from '../../../core/change/index'
import { agoText } from '../../../core/dates/index'
import { useNow } from '../../composables/useNow'
import { useDocumentList } from '../../stores/documentList'
import { usePlan } from '../../stores/plan'
import FirstMeeting from '../help/FirstMeeting.vue'
import HelpSign from '../help/HelpSign.vue'
import TrayWays from './TrayWays.vue'

const [plan, documentList, now] = [usePlan(), useDocumentList(), useNow()]
const text = computed(() => {
  if (plan.inTray === 0) return 'Nothing waits for a place.'
  const { loaded } = documentList
  const isWhole = documentList.place === 'in-tray' && loaded.state === 'ready' && loaded.value.next === null
  const oldest = isWhole ? documentList.rows.at(-1) : undefined
  const since = oldest ? ` · the oldest came ${agoText(oldest.createdAt, now.value)}` : ''
  return `${counted(plan.inTray, 'document')} waiting for a place${since}`
})
</script>

<template>
  <div class="head">
    <div class="titled">
      <h1>In-tray</h1>
      <HelpSign topic="in-tray" />
    </div>
    <FirstMeeting topic="in-tray" />
    <p class="second">
      {{ text }}
    </p>
    <p class="acts">
      <TrayWays />
      <slot />
    </p>
  </div>
</template>

<style scoped>
.head {
  padding: 18px 18px 10px;
}
h1 {
  font-size: 24px;
  line-height: 32px;
}
.acts {
  margin: 8px 0 0 -1px;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
}
</style>
