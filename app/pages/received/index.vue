<script setup lang="ts">
// Everything that others gave to me, by person, the newest first.
import { computed } from 'vue'
import type { ReceivedThing } from '../../../contract/shared'
import { dateText } from '../../../core/dates/index'
import RemoteState from '../../components/common/RemoteState.vue'
import { useReceived } from '../../stores/received'
import { useSession } from '../../stores/session'
import { ROLE_VERBS } from '../../stores/roleTexts'

const [received, session] = [useReceived(), useSession()]
const people = computed(() => {
  const by = new Map<string, ReceivedThing[]>()
  for (const one of received.all) by.set(one.ownerId, [...(by.get(one.ownerId) ?? []), one])
  return [...by].map(([id, things]) => ({ id, from: things[0]?.from ?? '', muted: things[0]?.muted ?? false, things }))
})
</script>

<template>
  <div class="received">
    <h1>From others</h1>
    <p class="second">
      What others let you read, add to or change. It stays theirs. “File it” puts a pointer to it into your In-tray;
      “Keep a copy” of a document makes it yours.
    </p>
    <RemoteState :remote="received.loaded" @again="received.load()">
      <p v-if="people.length === 0" class="empty">Nobody has given you anything yet.</p>
      <section v-for="{ id, from, muted, things } in people" :key="id">
        <h2>
          {{ from }}
          <v-btn
            class="place mute"
            :aria-label="muted ? `Tell me again what ${from} gives me` : `Do not tell me what ${from} gives me`"
            @click="received.mute(id, !muted)">
            {{ muted ? 'Tell me again' : 'Do not tell me what is new' }}
          </v-btn>
        </h2>
        <p v-if="muted" class="quiet">What {{ from }} gives you stands here, and is told nowhere else.</p>
        <ul>
          <li v-for="one in things" :key="one.id">
            <span class="what">
              <NuxtLink class="place" :to="`/received/${one.id}`">{{ one.name }}</NuxtLink>
              <span v-if="one.note" class="note">“{{ one.note }}”</span>
            </span>
            <span class="second">you may {{ ROLE_VERBS[one.role] }} it</span>
            <span class="quiet"
              >given {{ dateText(one.createdAt) }}{{ one.until ? `, until ${dateText(one.until)}` : '' }}</span
            >
            <span class="acts">
              <b v-if="one.openedAt === null && !muted" class="fresh">new</b>
              <v-btn v-if="one.isWorkable" class="place" @click="session.workIn(one.targetId)">Work in it</v-btn>
              <v-btn class="place" :aria-label="`File a pointer to ${one.name}`" @click="received.filePointer(one)">
                File it
              </v-btn>
            </span>
          </li>
        </ul>
      </section>
    </RemoteState>
  </div>
</template>

<style scoped>
.received {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 22px 28px;
  max-width: 980px;
}
section {
  margin-top: 18px;
  border-top: 2px solid var(--ink);
}
h2 {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  font-size: 17px;
  padding: 6px 0 2px;
}
h2 .mute {
  font-family: var(--sans);
  font-size: 13px;
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 130px 220px auto;
  gap: 12px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
  align-items: baseline;
}
.what {
  display: grid;
}
.note {
  font-style: italic;
}
.acts {
  display: flex;
  gap: 8px;
  justify-content: flex-end;
}
.fresh {
  color: var(--warn);
}
@media (max-width: 620px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}
</style>
