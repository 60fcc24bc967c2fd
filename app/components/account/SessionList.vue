<script setup lang="ts">
// Where one is signed in. The session of this window cannot be ended here: that is signing out.
import type { AccountFacts } from '../../../contract/account'
import { agentText } from '../../stores/agentText'
import { agoText, timeText } from '../../../core/dates/index'

defineProps<{ sessions: AccountFacts['sessions']; now: number }>()
const emit = defineEmits<{ end: [id: string] }>()
</script>

<template>
  <ul class="sessions">
    <li v-for="session in sessions" :key="session.id">
      <span class="name">{{ agentText(session.agent) }}</span>
      <span class="second" :title="timeText(session.seenAt)"
        >{{ session.current ? 'this window' : `used ${agoText(session.seenAt, now)}` }}, signed in
        {{ timeText(session.createdAt) }}</span
      >
      <v-btn
        v-if="!session.current"
        class="act"
        :aria-label="`End the session of ${agentText(session.agent)}, signed in ${timeText(session.createdAt)}`"
        @click="emit('end', session.id)">
        End
      </v-btn>
    </li>
  </ul>
</template>

<style scoped>
.sessions {
  list-style: none;
  padding: 0;
  border-top: 1px solid var(--rule);
}
li {
  display: flex;
  gap: 12px;
  align-items: baseline;
  min-height: 34px;
  border-bottom: 1px solid var(--rule);
  padding: 4px 0;
}
.name {
  min-width: 190px;
  font-weight: 600;
}
.second {
  flex: 1;
}
</style>
