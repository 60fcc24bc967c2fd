<script setup lang="ts">
// Whether one is told by mail; and, where no mail server is set up, what one would have been sent.
import type { AccountFacts } from '../../../contract/account'
import { timeText } from '../../../core/dates/index'
import TickBox from '../base/TickBox.vue'

defineProps<{ mail: AccountFacts['mail'] }>()
const emit = defineEmits<{ news: [on: boolean] }>()
</script>

<template>
  <div>
    <TickBox :model-value="mail.news" @update:model-value="emit('news', $event)">
      Tell me by mail what others give me
    </TickBox>
    <template v-if="!mail.isSent">
      <p class="second">
        No mail server is set up here; whoever runs this Hembix can set SMTP_URL.
        {{ mail.messages.length > 0 ? 'These messages did not leave this machine:' : '' }}
      </p>
      <ul v-if="mail.messages.length > 0" aria-label="Messages">
        <li v-for="message in mail.messages" :key="message.id">
          <b>{{ message.subject }}</b> <span class="quiet">{{ timeText(message.at) }}</span>
          <p class="body">{{ message.body.trim() }}</p>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  max-height: 340px;
  overflow-y: auto;
}
li {
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
.body {
  white-space: pre-line;
  overflow-wrap: anywhere;
  color: var(--ink-2);
  font-size: 13px;
}
</style>
