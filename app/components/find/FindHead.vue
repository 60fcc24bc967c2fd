<script setup lang="ts">
// The field of the Find page, what is said about the answer, its order, and what can be done with the whole search.
import { foundNumber } from '../../stores/foundNumber'
import { ref } from 'vue'
import type { RecentSearch } from '../../../contract/find'
import type { SearchQuery, FoundGroup, FoundSort } from '../../../core/find/index'
import { beginsDown, FOUND_GROUPS, FOUND_SORTS } from '../../../core/find/index'
import FindNotices from './FindNotices.vue'

const typed = defineModel<string>({ required: true })
defineProps<{
  request: SearchQuery
  fault: string
  countText: string
  /** How many hold the words just as they were typed; null where that is all of them. */
  exactly: number | null
  ms: number | null
  corrected: { typed: string; to: string } | null
  /** So many of the first are listed since their names are a slip away from what was typed. */
  nearNames: number
  notation: string
  hasRules: boolean
  hasFacets: boolean
  asksAnything: boolean
  /** The kept search that is looked at; null: none. */
  keptName: string | null
  recent: readonly RecentSearch[]
}>()
const emit = defineEmits<{
  press: [event: KeyboardEvent]
  choose: [some: Partial<SearchQuery>]
  exact: []
  exactly: []
  rules: []
  clear: []
  keep: []
  folder: []
  bundle: []
  recent: [search: RecentSearch]
  forget: []
}>()
defineSlots<{ default: () => unknown }>()

const field = ref<HTMLInputElement | null>(null)
defineExpose({ focus: () => field.value?.focus(), blur: () => field.value?.blur() })

const SORT_TEXTS: Record<FoundSort, string> = {
  best: 'best match',
  name: 'name',
  changed: 'changed',
  added: 'added',
  opened: 'opened',
  dated: 'dated',
  size: 'size',
  place: 'place',
}
const GROUP_TEXTS: Record<FoundGroup, string> = {
  none: 'not grouped',
  place: 'by place',
  type: 'by type',
  meaning: 'by colour',
  tag: 'by tag',
  month: 'by month',
  sender: 'by sender',
}
const isFocused = ref(false)
</script>

<template>
  <div class="head">
    <div class="ask">
      <input
        ref="field"
        v-model="typed"
        data-find
        type="text"
        aria-label="Find in names and contents"
        placeholder="Words, “words in quotes”, -word to leave out, {type pdf}"
        autocomplete="off"
        aria-describedby="find-fault"
        @focus="isFocused = true"
        @blur="isFocused = false"
        @keydown="emit('press', $event)" />
      <span v-if="typed !== ''" class="key">Esc clears</span>
      <ul
        v-if="isFocused && typed === '' && !asksAnything && recent.length > 0"
        class="recent"
        aria-label="Searched for lately">
        <li v-for="search in recent.slice(0, 8)" :key="search.text">
          <button type="button" class="cut" @mousedown.prevent="emit('recent', search)">
            {{ search.text }}
          </button>
        </li>
        <li class="forget">
          <button type="button" class="quiet" @mousedown.prevent="emit('forget')">Forget these searches</button>
        </li>
      </ul>
    </div>
    <FindNotices :fault="fault" :corrected="corrected" :near-names="nearNames" @exact="emit('exact')" />
    <p v-if="asksAnything" class="sum" role="status">
      <b>{{ countText }}</b>
      <button v-if="exactly !== null" type="button" class="place" @click="emit('exactly')">
        only exactly these words: {{ foundNumber(exactly) }}
      </button>
      <span v-if="ms !== null" class="quiet">· {{ ms }} ms</span>
      <span class="orders">
        <label
          >sorted by
          <select
            :value="request.sort"
            aria-label="Sorted by"
            @change="
              event => {
                const sort = (event.target as HTMLSelectElement).value as FoundSort
                emit('choose', { sort, descending: beginsDown(sort) })
              }
            ">
            <option v-for="sort in FOUND_SORTS" :key="sort" :value="sort">{{ SORT_TEXTS[sort] }}</option>
          </select></label
        >
        <button
          v-if="request.sort !== 'best'"
          type="button"
          class="place"
          :aria-label="request.descending ? 'Turn the order: the other way round' : 'Turn the order: from the end'"
          @click="emit('choose', { descending: !request.descending })">
          {{ request.descending ? '↓' : '↑' }}
        </button>
        <select
          :value="request.group"
          aria-label="Grouped"
          @change="emit('choose', { group: ($event.target as HTMLSelectElement).value as FoundGroup })">
          <option v-for="group in FOUND_GROUPS" :key="group" :value="group">{{ GROUP_TEXTS[group] }}</option>
        </select>
      </span>
    </p>
    <slot />
    <p class="whole">
      <button type="button" class="place" :aria-expanded="hasRules" @click="emit('rules')">Rules…</button>
      <template v-if="asksAnything">
        <button type="button" class="place" @click="emit('keep')">
          {{ keptName ? `Change “${keptName}”…` : 'Keep this search…' }}
        </button>
        <button type="button" class="place" @click="emit('folder')">Make a folder of it…</button>
        <button type="button" class="place" @click="emit('bundle')">Bundle it</button>
      </template>
      <button v-if="hasFacets" type="button" class="place" @click="emit('clear')">Search everywhere again</button>
      <span v-if="notation" class="quiet cut notation" title="What is pointed at, as it can be typed into the field"
        >as typed: <code>{{ notation }}</code></span
      >
    </p>
  </div>
</template>

<style scoped>
.head {
  padding: 4px 0 8px;
  border-bottom: 2px solid var(--ink);
  margin: 0 18px;
  flex: none;
}
.ask {
  position: relative;
}
.ask input {
  width: 100%;
  border: 2px solid var(--ink);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-size: 16.5px;
  padding: 8px 90px 8px 11px;
}
.ask input:focus {
  outline: 2px solid var(--act);
  outline-offset: -2px;
}
.ask input::placeholder {
  color: var(--ink-3);
  opacity: 1;
}
.ask .key {
  position: absolute;
  right: 10px;
  top: 11px;
}
.recent {
  position: absolute;
  z-index: 20;
  top: 100%;
  left: 0;
  right: 0;
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  list-style: none;
  padding: 3px 0;
}
.recent button {
  display: block;
  width: 100%;
  padding: 4px 11px;
}
.recent button:hover {
  background: var(--act-soft);
}
.forget {
  border-top: 1px solid var(--rule);
}
.sum {
  margin-top: 9px;
  display: flex;
  gap: 6px;
  align-items: baseline;
  flex-wrap: wrap;
}
.orders {
  margin-left: auto;
  display: flex;
  gap: 10px;
  align-items: baseline;
  color: var(--ink-2);
}
.orders select {
  background: none;
  border: 0;
  border-bottom: 1px solid var(--rule-strong);
  font: inherit;
  color: var(--ink);
  cursor: pointer;
}
.whole {
  display: flex;
  gap: 16px;
  margin-top: 5px;
  align-items: baseline;
}
.whole .place {
  flex: none;
}
.notation {
  margin-left: auto;
  font-size: 12px;
}
.notation code {
  font-family: inherit;
  user-select: all;
  color: var(--ink-2);
}
</style>
