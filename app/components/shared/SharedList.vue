<script setup lang="ts">
// Documents of what a link gives, a line each; one is chosen to be looked at.
import type { SharedDocument } from '../../../contract/shared'
import { dateText } from '../../../core/dates/index'
import { sizeText } from '../../../core/formats/index'
import TypeMark from '../common/TypeMark.vue'

const { first = 0 } = defineProps<{
  documents: readonly (SharedDocument & { readonly passage?: string })[]
  chosen: string | null
  /** So many, from the beginning, are kept before the others. */
  first?: number
}>()
const emit = defineEmits<{ choose: [document: SharedDocument] }>()
</script>

<template>
  <ul aria-label="Documents">
    <li v-for="(document, index) in documents" :key="document.id" :class="{ here: document.id === chosen }">
      <TypeMark :extension="document.extension" />
      <span class="what">
        <v-btn class="place name" @click="emit('choose', document)">{{ document.name }}</v-btn>
        <span v-if="document.passage" class="second passage">{{ document.passage }}</span>
      </span>
      <span class="quiet"
        ><template v-if="index < first">kept first · </template>{{ dateText(document.changedAt) }} ·
        {{ sizeText(document.size) }}</span
      >
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 52px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: baseline;
  padding: 6px 4px;
  border-bottom: 1px solid var(--rule);
}
.here {
  background: var(--act-soft);
}
.what {
  display: grid;
  justify-items: start;
  min-width: 0;
}
.name {
  white-space: normal;
  text-align: left;
}
.passage {
  font-size: 12.5px;
}
</style>
