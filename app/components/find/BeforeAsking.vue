<script setup lang="ts">
// What stands on the Find page before anything is asked: what a search can be, and the ones that were made before.
import type { KeptSearch } from '../../../contract/plan'
import type { RecentSearch } from '../../../contract/find'
import { READY_VIEWS } from '../../../core/find/index'
import SearchList from '../desk/SearchList.vue'

defineProps<{ recent: readonly RecentSearch[]; kept: readonly KeptSearch[] }>()
const emit = defineEmits<{ recall: [search: RecentSearch]; forget: [] }>()
const FEW = 8
</script>

<template>
  <div class="empty">
    <h2>Half a memory is enough</h2>
    <p>
      Type words that stand in the name or anywhere inside: a name, a number, a piece of a sentence. Names come first,
      then what is inside, with the words around the hit.
    </p>
    <p>
      Narrow at the left: where it lies, what kind it is, when it changed. Rules put several of these together. G shows
      a result at its place in the plan.
    </p>
    <ul class="row" aria-label="Ready views">
      <li v-for="{ name, query } in READY_VIEWS" :key="name">
        <NuxtLink class="place" :to="{ path: '/find', query }">{{ name }}</NuxtLink>
      </li>
    </ul>
    <template v-if="recent.length > 0">
      <h2 class="part-head">Searched for lately</h2>
      <ul class="row" aria-label="Searched for lately">
        <li v-for="search in recent.slice(0, FEW)" :key="search.text">
          <v-btn class="place cut" @click="emit('recall', search)">{{ search.text }}</v-btn>
        </li>
        <li><v-btn class="quiet" @click="emit('forget')">Forget these searches</v-btn></li>
      </ul>
    </template>
    <template v-if="kept.length > 0">
      <h2 class="part-head">Kept searches</h2>
      <SearchList :searches="kept" label="Kept searches" />
    </template>
  </div>
</template>

<style scoped>
.row {
  list-style: none;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
.row li {
  min-width: 0;
}
</style>
