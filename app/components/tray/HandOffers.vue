<script setup lang="ts">
// What others would like to hand over: taken over into a place of one's own, or declined.
import type { OfferedThing } from '../../../contract/handover'
import { counted } from '../../../core/change/index'
import { dateText } from '../../../core/dates/index'
import { sizeText } from '../../../core/formats/index'
import { useDialogs } from '../../stores/dialogs'
import { useHandovers } from '../../stores/handovers'
import { ROLE_VERBS } from '../../stores/roleTexts'
import TrayNotes from './TrayNotes.vue'

const [handovers, dialogs] = [useHandovers(), useDialogs()]

function whatText({ target, folders, documents, bytes }: OfferedThing): string {
  if (target === 'document') return `a document, ${sizeText(bytes)}`
  return `${counted(folders, 'folder')}, ${counted(documents, 'document')}, ${sizeText(bytes)}`
}

function chooseFolder(offer: OfferedThing): void {
  dialogs.place = {
    title: `Take “${offer.name}” over into`,
    suggested: [],
    answer: ([folderId = null]) => void handovers.takeOver(offer, folderId),
  }
}
</script>

<template>
  <TrayNotes v-if="handovers.incoming.length > 0" title="Handed over to you">
    <li v-for="one in handovers.incoming" :key="one.id">
      <span>
        <b>{{ one.person }}</b>
        <span v-if="one.email !== one.person" class="quiet"> ({{ one.email }})</span> would like “{{ one.name }}” to be
        yours
      </span>
      <span v-if="one.note" class="note">“{{ one.note }}”</span>
      <span class="quiet">
        {{ whatText(one) }} · {{ dateText(one.createdAt)
        }}{{ one.role ? ` · ${one.person} can still ${ROLE_VERBS[one.role]} it` : '' }}
      </span>
      <span class="acts">
        <v-btn class="place" :aria-label="`Take ${one.name} over`" @click="handovers.takeOver(one, null)">
          {{ one.target === 'document' ? 'Take it over into the In-tray' : 'Take it over' }}
        </v-btn>
        ·
        <v-btn class="place" :aria-label="`Take ${one.name} over into a folder`" @click="chooseFolder(one)">
          into a folder…
        </v-btn>
        ·
        <v-btn class="place" :aria-label="`Decline ${one.name}`" @click="handovers.decline(one)">Decline</v-btn>
      </span>
    </li>
  </TrayNotes>
</template>
