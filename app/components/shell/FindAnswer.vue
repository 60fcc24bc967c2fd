<script setup lang="ts">
// One line of what the find field offers.
import { usePlaceNames } from '../../stores/placeNames'
import ColourStripe from '../common/ColourStripe.vue'
import TypeMark from '../common/TypeMark.vue'
import type { Answer } from './findAnswers'

defineProps<{ answer: Answer; place: string; isAt: boolean }>()
const placeNames = usePlaceNames()
</script>

<template>
  <div role="option" class="answer" :class="{ at: isAt, search: answer.kind === 'search' }" :aria-selected="isAt">
    <template v-if="answer.kind !== 'search'">
      <ColourStripe :ink="placeNames.placeOf(answer.folderId)?.laid ?? null" />
      <span class="mark"
        ><TypeMark v-if="answer.row" :extension="answer.row.extension" /><b v-else-if="answer.kind === 'folder'">{{
          answer.code || '–'
        }}</b
        ><span v-else class="quiet">{{ answer.kind === 'kept' ? 'kept' : 'tag' }}</span></span
      >
    </template>
    <span class="cut name">{{ answer.name }}</span>
    <span class="cut where">{{ place }}</span>
  </div>
</template>

<style scoped>
.answer {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 29px;
  padding-right: 10px;
  cursor: default;
}
.answer.at {
  background: var(--act-soft);
}
.answer.search {
  border-top: 1px solid var(--rule);
  padding-left: 10px;
  color: var(--act);
  font-weight: 600;
}
.mark {
  width: 44px;
  flex: none;
  text-align: center;
}
.name {
  flex: 1;
}
.where {
  color: var(--act);
  max-width: 42%;
  font-size: 12.5px;
}
</style>
