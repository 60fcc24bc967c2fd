<script setup lang="ts">
// In place of contents that are locked.
import { mdiLockOutline } from '@mdi/js'
import { computed } from 'vue'
import type { DocumentFacts } from '../../../contract/document'
import { useDialogs } from '../../stores/dialogs'
import { useLocks } from '../../stores/locks'
import { useSession } from '../../stores/session'

const props = defineProps<{ document: DocumentFacts }>()
const [dialogs, locks, session] = [useDialogs(), useLocks(), useSession()]
/** Of what others give, their owner alone unlocks it. */
const isOwn = computed(() => !session.isGuest && locks.all.some(({ id }) => id === props.document.lockId))

function unlock(): void {
  dialogs.unlock = { kind: 'document', id: props.document.id, name: props.document.name }
}
</script>

<template>
  <div class="sealed">
    <v-icon :icon="mdiLockOutline" size="26" />
    <p>
      This document is locked.
      {{ isOwn ? 'Its contents are shown once its passphrase is said.' : 'Its owner alone can unlock it.' }}
    </p>
    <v-btn v-if="isOwn" class="act main" @click="unlock">Unlock…</v-btn>
  </div>
</template>

<style scoped>
.sealed {
  display: grid;
  justify-items: start;
  gap: 10px;
  padding: 8px 0;
  font-size: 13px;
}
</style>
