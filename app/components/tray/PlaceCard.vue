<script setup lang="ts">
// A place in which an arrival may be filed: why, and how likely.
import { computed } from 'vue'
import type { FolderId } from '../../../core/ids'
import { usePlaceNames } from '../../stores/placeNames'

const props = defineProps<{
  folderId: FolderId
  /** The key that chooses it. */
  number?: number
  chosen: boolean
  why: string
  /** 0 to 1. */
  share?: number
}>()
/** `asWell`: beside those that are chosen. */
const emit = defineEmits<{ choose: [asWell: boolean] }>()

const placeNames = usePlaceNames()
const place = computed(() => placeNames.placeOf(props.folderId))
const percent = (share: number) => `${Math.min(99, Math.max(1, Math.round(share * 100)))} %`
</script>

<template>
  <v-btn
    role="radio"
    class="place-card"
    :class="{ on: chosen }"
    :aria-checked="chosen"
    @click="emit('choose', $event.ctrlKey || $event.shiftKey || $event.metaKey)">
    <span v-if="number" class="key">{{ number }}</span><span v-else /><i
      :style="{ background: place?.laid ?? 'var(--no-colour)' }"
      aria-hidden="true" />
    <span class="words"
      ><b>{{ place?.text }}</b
      ><span class="quiet">{{ why }}</span></span
    >
    <span class="share">{{ share === undefined ? '' : percent(share) }}</span>
  </v-btn>
</template>

<style scoped>
.place-card {
  display: grid;
  grid-template-columns: 26px 7px minmax(0, 1fr) auto;
  gap: 0 9px;
  align-items: center;
  border: 1px solid var(--rule-strong);
  padding: 7px 10px;
  background: var(--sheet);
  min-height: 52px;
}
.place-card:hover {
  border-color: var(--act);
}
.place-card.on {
  background: var(--act-soft);
  border-color: var(--act);
}
.key {
  text-align: center;
}
i {
  align-self: stretch;
}
.words b {
  display: block;
  font-weight: 600;
  overflow-wrap: anywhere;
}
.words .quiet {
  font-size: 12px;
  color: var(--ink-2);
}
.share {
  font-weight: 600;
  color: var(--ink-2);
}
</style>
