<script setup lang="ts">
// Said before things lie in other places: who will be able to read them there and cannot now, and who no longer will.
import { computed } from 'vue'
import type { FolderId } from '../../../core/ids'
import { useGiven } from '../../stores/given'
import { useGivenTexts } from '../../stores/givenTexts'
import { usePlaceNames } from '../../stores/placeNames'

const props = defineProps<{ before: readonly (FolderId | null)[]; after: readonly (FolderId | null)[] }>()
const [given, texts] = [useGiven(), useGivenTexts()]
const placeNames = usePlaceNames()
const DOES = { read: 'read it', add: 'read it', edit: 'read and change it', keep: 'read and change it' } as const
const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
const lines = computed(() => {
  const { gained, lost } = given.difference(props.before, props.after)
  return [
    ...gained.map(({ given: one, by }) => ({
      id: one.id,
      who: upper(texts.whoText(one)),
      what: `will be able to ${DOES[one.role]}, as everything in ${placeOf(by)}.`,
    })),
    // Where nobody chose a place yet, nothing goes.
    ...(props.after.length === 0 ? [] : lost).map(({ given: one }) => ({
      id: one.id,
      who: upper(texts.whoText(one)),
      what: `will no longer be able to ${DOES[one.role]}.`,
    })),
  ]
})
const placeOf = (by: FolderId | 'plan' | null) =>
  by === 'plan' || by === null ? 'the plan' : (placeNames.placeOf(by)?.text ?? '')
</script>

<template>
  <p v-for="{ id, who, what } in lines" :key="id" class="widening" role="status">
    <b>{{ who }}</b> {{ what }}
  </p>
</template>

<style scoped>
.widening {
  border-left: 3px solid var(--warn);
  background: var(--paper);
  padding: 6px 10px;
  margin: 8px 0;
}
</style>
