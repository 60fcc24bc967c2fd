<script setup lang="ts">
// What others gave to me and I have not looked at: who, what, the note; read it, or lay it aside.
import { dateText } from '../../../core/dates/index'
import { useReceived } from '../../stores/received'
import { ROLE_VERBS } from '../../stores/roleTexts'

const received = useReceived()
</script>

<template>
  <section v-if="received.fresh.length > 0" class="new" aria-label="New from others">
    <h2 class="part-head">New from others</h2>
    <ul>
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
    </ul>
  </section>
</template>

<style scoped>
.new {
  padding: 0 18px 8px;
  max-height: 40%;
  overflow-y: auto;
  flex: none;
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  gap: 1px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
.note {
  font-style: italic;
}
</style>
