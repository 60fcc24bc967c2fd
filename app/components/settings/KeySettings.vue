<script setup lang="ts">
// The keys of all acts: each can be given another one, or none, by pressing it.
import { computed, ref } from 'vue'
import { keyedActs } from '../../acts/keyList'
import { useKeys } from '../../stores/keys'
import { keysPressed, shownKey } from '../../stores/keyText'
import LineField from '../base/LineField.vue'
import TickBox from '../base/TickBox.vue'

const keys = useKeys()
const narrowed = ref('')
/** The id of the act that waits for its key. */
const waiting = ref<string | null>(null)
const acts = computed(() => {
  const wanted = narrowed.value.trim().toLowerCase()
  return keyedActs().filter(({ title, where }) => `${title} ${where}`.toLowerCase().includes(wanted))
})
/** Acts of the same page, or of every page, that hear the same key. */
const clashes = computed(() => {
  const by = new Map<string, string[]>()
  for (const act of keyedActs()) {
    const [key] = keys.keysOf(act)
    if (key !== undefined) by.set(`${act.where} ${key}`, [...(by.get(`${act.where} ${key}`) ?? []), act.title])
  }
  return by
})
const HELD_ALONE = ['Control', 'Shift', 'Alt', 'Meta', 'Tab', 'AltGraph']

function press(id: string, event: KeyboardEvent): void {
  if (waiting.value !== id || HELD_ALONE.includes(event.key)) return
  event.preventDefault()
  event.stopPropagation()
  waiting.value = null
  if (event.key === 'Escape') return
  keys.setKey(id, event.key === 'Backspace' ? '' : (keysPressed(event)[0] ?? ''))
}

function othersWith(act: { title: string; where: string; id: string }): string {
  const [key] = keys.keysOf(act)
  return (clashes.value.get(`${act.where} ${key}`) ?? []).filter(title => title !== act.title).join(', ')
}
</script>

<template>
  <TickBox v-model="keys.areLettersHeard">
    Single letters do things (off: only keys with Ctrl or Alt, Enter, Delete and the like)
  </TickBox>
  <p class="bar">
    <LineField v-model="narrowed" class="line-field narrow" aria-label="Narrow the keys" placeholder="Narrow…" />
    <v-btn v-if="keys.isChanged" class="act" @click="keys.reset()">All as they were</v-btn>
  </p>
  <table aria-label="Keys of acts">
    <thead>
      <tr>
        <th>Act</th>
        <th>Where</th>
        <th>Key</th>
        <th><span class="unseen">Change</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="act in acts" :key="act.id">
        <td>{{ act.title }}</td>
        <td class="second">{{ act.where }}</td>
        <td>
          <v-btn
            class="place"
            :aria-label="`Key of ${act.title}`"
            @click="waiting = act.id"
            @blur="waiting = null"
            @keydown="press(act.id, $event)">
            <template v-if="waiting === act.id">press it… (Backspace: none)</template>
            <span v-else-if="keys.keysOf(act)[0]" class="key">{{ shownKey(keys.keysOf(act)[0] ?? '') }}</span>
            <template v-else>none</template>
          </v-btn>
        </td>
        <td class="warn">{{ othersWith(act) === '' ? '' : `also: ${othersWith(act)}` }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.bar {
  display: flex;
  gap: 12px;
  margin: 8px 0;
}
.narrow {
  width: 220px;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th {
  text-align: left;
  font-weight: 600;
  border-bottom: 1px solid var(--rule-strong);
}
td {
  border-bottom: 1px solid var(--rule);
  padding: 3px 12px 3px 0;
}
</style>
