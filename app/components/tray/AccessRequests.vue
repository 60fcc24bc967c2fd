<script setup lang="ts">
// Who would like to be given what: granted in a role, or declined, here.
import { ref } from 'vue'
import type { OpenRequest } from '../../../contract/accessRequest'
import { dateText } from '../../../core/dates/index'
import type { FolderId } from '../../../core/ids'
import type { Role } from '../../../core/rows/index'
import { useAccessRequests } from '../../stores/accessRequests'
import { usePlaceNames } from '../../stores/placeNames'
import { ROLES_FOR, ROLE_VERBS } from '../../stores/roleTexts'
import ChoiceField from '../base/ChoiceField.vue'
import TrayNotes from './TrayNotes.vue'

const [requests, placeNames] = [useAccessRequests(), usePlaceNames()]
const roles = ref<Readonly<Record<string, Role>>>({})
const roleOf = ({ id }: OpenRequest): Role => roles.value[id] ?? 'read'
const choicesFor = ({ target }: OpenRequest) => ROLES_FOR[target].map(value => ({ value, text: ROLE_VERBS[value] }))

function addressOf({ target, targetId }: OpenRequest): string {
  if (target === 'plan') return '/plan'
  return target === 'folder' ? `/plan/${targetId}` : `/document/${targetId}`
}
function nameOf({ target, targetId, documentName }: OpenRequest): string {
  if (target === 'plan') return 'the whole plan'
  return (target === 'folder' ? placeNames.placeOf(targetId as FolderId)?.text : documentName) ?? 'what is gone'
}
</script>

<template>
  <TrayNotes v-if="requests.open.length > 0" title="Requests">
    <li v-for="one in requests.open" :key="one.id">
      <span>
        <b>{{ one.name }}</b>
        <span v-if="one.email !== one.name" class="quiet"> ({{ one.email }})</span> would like to have
        <NuxtLink class="place" :to="addressOf(one)">{{ nameOf(one) }}</NuxtLink>
      </span>
      <span v-if="one.note" class="note">“{{ one.note }}”</span>
      <span class="quiet">{{ dateText(one.createdAt) }}</span>
      <span class="acts">
        <span class="quiet">Let them</span>
        <ChoiceField
          class="role"
          :model-value="roleOf(one)"
          :label="`What ${one.name} may do`"
          :choices="choicesFor(one)"
          @update:model-value="roles = { ...roles, [one.id]: $event }" />
        <v-btn
          class="place"
          :aria-label="`Give ${one.name} what they requested`"
          @click="requests.answer(one, roleOf(one))">
          Give it
        </v-btn>
        ·
        <v-btn class="place" :aria-label="`Decline what ${one.name} requested`" @click="requests.answer(one, null)">
          Decline
        </v-btn>
      </span>
    </li>
  </TrayNotes>
</template>

<style scoped>
.role {
  width: 84px;
}
</style>
