<script setup lang="ts">
// In place of contents that are locked.
import { mdiLockOutline } from '@mdi/js'
import type { DocumentFacts } from '../../../contract/document'
import { useDialogs } from '../../stores/dialogs'
import { useSession } from '../../stores/session'

const props = defineProps<{ document: DocumentFacts }>()
const [dialogs, session] = [useDialogs(), useSession()]

function unlock(): void {
  dialogs.unlock = { kind: 'document', id: props.document.id, name: props.document.name }
}
</script>

<template>
  <div class="sealed">
    <v-icon :icon="mdiLockOutline" size="26" />
    <p>This document is locked. Its contents are shown once its passphrase is said.</p>
    <v-btn v-if="!session.isGuest" class="act main" @click="unlock">Unlock…</v-btn>
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
