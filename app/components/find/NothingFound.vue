<script setup lang="ts">
// Nothing is found: which one thing less would find something, and how much.
import type { RelaxedSearch } from '../../../contract/find'
import { FACETS } from '../../../core/find/index'
import { documentsFound } from '../../stores/foundNumber'

defineProps<{ relaxed: readonly RelaxedSearch[]; hasFacets: boolean }>()
const emit = defineEmits<{ ask: [query: RelaxedSearch['query']]; clear: [] }>()

function textOf({ what: { kind, text = '', group } }: RelaxedSearch): string {
  switch (kind) {
    case 'apart':
      return `“${text}” not as a phrase, its words anywhere`
    case 'word':
      return `without “${text}”`
    case 'leftOut':
      return `“${text}” not left out`
    case 'group':
      return FACETS.find(({ key }) => key === group)?.relaxed ?? ''
    case 'rules':
      return 'without the rules'
  }
}
</script>

<template>
  <div class="empty">
    <h2>Nothing is found</h2>
    <template v-if="relaxed.length > 0">
      <p>No document fits all of it. One thing less finds:</p>
      <ul aria-label="One thing less">
        <li v-for="(search, index) in relaxed" :key="index">
          <v-btn class="place" @click="emit('ask', search.query)">
            {{ textOf(search) }}
          </v-btn>
          <span class="quiet">{{ documentsFound(search.count) }}</span>
        </li>
      </ul>
    </template>
    <p v-else>
      No name and no text holds all of these words{{ hasFacets ? ', with what narrows the search' : '' }}. Leave a word
      out, or try the beginning of one.
    </p>
    <v-btn v-if="hasFacets" class="act main" @click="emit('clear')">Search everywhere</v-btn>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 8px 0 14px;
}
li {
  display: flex;
  gap: 10px;
  align-items: baseline;
  min-height: 25px;
}
</style>
