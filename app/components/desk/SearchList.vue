<script setup lang="ts">
// Kept searches with how much each finds now. Dashed, since they hold nothing.
import { mdiClose } from '@mdi/js'
import type { KeptSearch } from '../../../contract/plan'
import { useSearches } from '../../stores/searches'

defineProps<{ searches: readonly KeptSearch[]; label: string }>()
const store = useSearches()
</script>

<template>
  <ul class="searches" :aria-label="label">
    <li v-for="search in searches" :key="search.id">
      <NuxtLink
        :to="{ path: '/find', query: { ...search.query, kept: search.id } }"
        class="search"
        :title="`A kept search: its documents stay where they are`">
        <span class="cut">{{ search.name }}</span><span class="quiet">{{ store.countText(search.id) }}</span>
      </NuxtLink>
      <v-btn
        class="delete"
        :aria-label="`Delete the kept search ${search.name}`"
        title="Delete this kept search; its documents stay where they are"
        @click="store.drop(search.id)">
        <v-icon :icon="mdiClose" size="14" />
      </v-btn>
    </li>
  </ul>
</template>

<style scoped>
.searches {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(224px, 1fr));
  gap: 6px 14px;
}
li {
  display: flex;
  align-items: center;
}
.search {
  flex: 1;
  min-width: 0;
  display: flex;
  gap: 8px;
  justify-content: space-between;
  border: 1px dashed var(--rule-strong);
  padding: 4px 9px;
  font-style: italic;
}
.search:hover {
  color: var(--act);
  border-color: var(--act);
}
.search .quiet {
  font-style: normal;
}
.delete {
  width: 22px;
  height: 22px;
  min-width: 22px;
  color: var(--ink-3);
  display: grid;
  place-items: center;
}
.delete:hover,
.delete:focus-visible {
  color: var(--act);
}
</style>
