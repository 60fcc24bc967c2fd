<script setup lang="ts">
// What others gave to me and I have not looked at: who, what, the note; read it, or lay it aside.
import { dateText } from '../../../core/dates/index'
import { useReceived } from '../../stores/received'
import { ROLE_VERBS } from '../../stores/roleTexts'
import TrayNotes from './TrayNotes.vue'

const received = useReceived()
</script>

<template>
  <TrayNotes v-if="received.fresh.length > 0" title="New from others">
    <li v-for="one in received.fresh" :key="one.id">
      <span>
        <b>{{ one.from }}</b> lets you {{ ROLE_VERBS[one.role] }}
        <NuxtLink class="place" :to="`/received/${one.id}`">{{ one.name }}</NuxtLink>
      </span>
      <span v-if="one.note" class="note">“{{ one.note }}”</span>
      <span class="quiet"
        >{{ dateText(one.createdAt) }}{{ one.until ? `, until ${dateText(one.until)}` : '' }} ·
        <v-btn class="place" :aria-label="`File a pointer to ${one.name}`" @click="received.filePointer(one)">
          File it
        </v-btn>
        ·
        <v-btn class="place" :aria-label="`Lay ${one.name} aside`" @click="received.layAside(one.id)">
          Lay it aside
        </v-btn></span
      >
    </li>
  </TrayNotes>
</template>
