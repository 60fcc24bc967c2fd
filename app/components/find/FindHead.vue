<script setup lang="ts">
// The field of the Find page, what is said about the answer, its order, and what can be done with the whole search.
import { foundNumber } from '../../stores/foundNumber'
import { ref } from 'vue'
import type { SearchQuery, FoundGroup, FoundSort } from '../../../core/find/index'
import { beginsDown, FOUND_GROUPS, FOUND_SORTS } from '../../../core/find/index'
import FindNotices from './FindNotices.vue'
import ChoiceField from '../base/ChoiceField.vue'
import LineField from '../base/LineField.vue'

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
}>()
defineSlots<{ default: () => unknown }>()

const field = ref<InstanceType<typeof LineField> | null>(null)
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
</script>

<template>
  <div class="head">
    <h1 class="unseen">Find</h1>
    <div class="ask">
      <LineField
        ref="field"
        v-model="typed"
        data-find
        aria-label="Find in names and contents"
        placeholder="Words, “words in quotes”, -word to leave out, {type pdf}"
        autocomplete="off"
        aria-describedby="find-fault"
        @keydown="emit('press', $event)" />
      <span v-if="typed !== ''" class="key">Esc clears</span>
    </div>
    <FindNotices :fault="fault" :corrected="corrected" :near-names="nearNames" @exact="emit('exact')" />
    <p v-if="asksAnything" class="sum" role="status">
      <b>{{ countText }}</b>
      <v-btn v-if="exactly !== null" class="place" @click="emit('exactly')">
        only exactly these words: {{ foundNumber(exactly) }}
      </v-btn>
      <span v-if="ms !== null" class="quiet">· {{ ms }} ms</span>
      <span class="orders not-printed">
        <label
          >sorted by
          <ChoiceField
            :model-value="request.sort"
            label="Sorted by"
            :choices="FOUND_SORTS.map(sort => ({ value: sort, text: SORT_TEXTS[sort] }))"
            @update:model-value="sort => emit('choose', { sort, descending: beginsDown(sort) })"
        /></label>
        <v-btn
          v-if="request.sort !== 'best'"
          class="place"
          :aria-label="request.descending ? 'Turn the order: the other way round' : 'Turn the order: from the end'"
          @click="emit('choose', { descending: !request.descending })">
          {{ request.descending ? '↓' : '↑' }}
        </v-btn>
        <ChoiceField
          :model-value="request.group"
          label="Grouped"
          :choices="FOUND_GROUPS.map(group => ({ value: group, text: GROUP_TEXTS[group] }))"
          @update:model-value="emit('choose', { group: $event })" />
      </span>
    </p>
    <slot />
    <p class="whole not-printed">
      <v-btn class="place" :aria-expanded="hasRules" @click="emit('rules')">Rules…</v-btn>
      <template v-if="asksAnything">
        <v-btn class="place" @click="emit('keep')">
          {{ keptName ? `Change “${keptName}”…` : 'Keep this search…' }}
        </v-btn>
        <v-btn class="place" @click="emit('folder')">Make a folder of it…</v-btn>
        <v-btn class="place" @click="emit('bundle')">Bundle it</v-btn>
      </template>
      <v-btn v-if="hasFacets" class="place" @click="emit('clear')">Search everywhere again</v-btn>
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
.ask .v-input {
  width: 100%;
  border: 2px solid var(--ink);
  background: var(--sheet);
  color: var(--ink);
  font-size: 16.5px;
  padding: 8px 90px 8px 11px;
}
.ask .v-input:focus-within {
  outline: 2px solid var(--act);
  outline-offset: -2px;
}
.ask .key {
  position: absolute;
  right: 10px;
  top: 11px;
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
.whole {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  margin-top: 5px;
  align-items: baseline;
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
