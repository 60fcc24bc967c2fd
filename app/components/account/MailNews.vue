<script setup lang="ts">
// Whether one is told by mail; where no mail server is set up, what one would have been sent and has sent; and what a
// mail server did not take yet.
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
    <template v-if="!mail.isSent || mail.messages.length > 0">
      <p v-if="mail.isSent" class="warn" role="status">
        The mail server did not take these yet. They are tried again for some hours; look whether the addresses are
        right.
      </p>
      <p v-else class="second">
        No mail server is set up here; whoever runs this Hembix can set SMTP_URL.
        {{ mail.messages.length > 0 ? 'These messages did not leave this machine:' : '' }}
      </p>
      <ul v-if="mail.messages.length > 0" aria-label="Messages">
        <li v-for="message in mail.messages" :key="message.id">
          <b>{{ message.subject }}</b> <span class="quiet">{{ timeText(message.at) }}</span>
          <p v-if="message.to" class="quiet">to {{ message.to }}, with {{ message.files.join(', ') }}</p>
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
