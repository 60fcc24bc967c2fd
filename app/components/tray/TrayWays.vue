<script setup lang="ts">
// The ways into the In-tray: files, a folder, words or a recording, pages, mail, a colleague.
import { mdiMenuDown } from '@mdi/js'
import { fetchFrom } from '../../stores/arrivals'
import { useDialogs } from '../../stores/dialogs'
import { usePlaceWork } from '../../stores/placeWork'
import ActKey from '../common/ActKey.vue'

const [placeWork, dialogs] = [usePlaceWork(), useDialogs()]
const WAYS: readonly { title: string; subtitle: string; take: () => unknown }[] = [
  {
    title: 'A folder of the desktop',
    subtitle: 'kept as folders, or only its documents',
    take: () => (placeWork.choosing = { what: 'folder', to: null }),
  },
  { title: 'A few words, or a recording', subtitle: 'typed or spoken here', take: () => (dialogs.jot = true) },
  {
    title: 'Scan pages',
    subtitle: 'simulated scanner, or pictures of pages: one searchable PDF',
    take: () => navigateTo('/scan'),
  },
  { title: 'Mail', subtitle: 'simulated: made-up messages with attachments', take: () => fetchFrom('mailbox') },
  { title: 'From a colleague', subtitle: 'simulated: papers that are handed over', take: () => fetchFrom('colleague') },
]
</script>

<template>
  <v-btn class="act main" @click="placeWork.choosing = { what: 'files', to: null }">
    Add documents <ActKey act="add-documents" />
  </v-btn>
  <v-menu>
    <template #activator="{ props: more }">
      <v-btn v-bind="more" class="act">Fetch<v-icon :icon="mdiMenuDown" size="16" /></v-btn>
    </template>
    <v-list aria-label="More ways in">
      <v-list-item
        v-for="{ title, subtitle, take } in WAYS"
        :key="title"
        :title="title"
        :subtitle="subtitle"
        @click="take()" />
    </v-list>
  </v-menu>
  <NuxtLink class="act" to="/orders"> Standing orders </NuxtLink>
</template>
