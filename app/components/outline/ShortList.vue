<script setup lang="ts">
// Folders pinned under the outline, always at hand.
import { mdiPinOff } from '@mdi/js'
import type { FolderId } from '../../../core/ids'
import { useDebounceFn } from '@vueuse/core'
import { watch } from 'vue'
import { onPlanEvent } from '../../composables/usePlanEvents'
import { useActs } from '../../stores/acts'
import { useSearches } from '../../stores/searches'
import { usePlan } from '../../stores/plan'
import ShortListRow from './ShortListRow.vue'

defineProps<{ current: FolderId | null }>()
const emit = defineEmits<{ go: [id: FolderId] }>()

const plan = usePlan()
const acts = useActs()
const searches = useSearches()
watch(
  () => searches.kept,
  () => void searches.loadCounts(),
  { immediate: true },
)
const soon = useDebounceFn(() => searches.loadCounts(), 400)
onPlanEvent(() => void soon())
</script>

<template>
  <nav v-if="plan.pinned.length + searches.pinned.length > 0" class="short" aria-label="Short list">
    <p class="part-head">Short list</p>
    <div class="rows">
      <div v-for="folder in plan.pinned" :key="folder.id" class="line">
        <ShortListRow :id="folder.id" :is-current="folder.id === current" @go="emit('go', folder.id)" />
        <v-btn
          class="off"
          :aria-label="`Unpin ${folder.name}`"
          title="Unpin"
          @click="acts.act({ kind: 'folder.pin', id: folder.id, on: false })">
          <v-icon :icon="mdiPinOff" size="14" />
        </v-btn>
      </div>
      <div v-for="search in searches.pinned" :key="search.id" class="line">
        <NuxtLink
          class="search"
          :to="{ path: '/find', query: { ...search.query, kept: search.id } }"
          title="A kept search: its documents stay where they are">
          <span class="cut">{{ search.name }}</span><span class="leader" aria-hidden="true" /><span class="count">{{
            searches.countText(search.id)
          }}</span>
        </NuxtLink>
        <v-btn
          class="off"
          :aria-label="`Take ${search.name} off the short list`"
          title="Take off the short list"
          @click="searches.keep({ ...search, pinned: false }, search.id)">
          <v-icon :icon="mdiPinOff" size="14" />
        </v-btn>
      </div>
    </div>
  </nav>
</template>

<style scoped>
.short {
  flex: none;
  padding: 10px 14px 8px;
  border-top: 1px solid var(--rule);
}
.rows {
  max-height: 168px;
  overflow-y: auto;
}
.line {
  display: flex;
  align-items: center;
  position: relative;
}
.search {
  display: flex;
  align-items: center;
  flex: 1;
  min-width: 0;
  height: 28px;
  font-style: italic;
  border-left: 2px dashed var(--rule-strong);
  padding-left: 7px;
}
.search:hover {
  color: var(--act);
}
.count {
  color: var(--ink-3);
  font-size: 12px;
  flex: none;
  font-style: normal;
}
.off {
  position: absolute;
  right: 0;
  height: 28px;
  width: 26px;
  background: var(--paper);
  color: var(--ink-3);
  opacity: 0;
}
.line:hover .off,
.off:focus-visible {
  opacity: 1;
}
.off:hover {
  color: var(--act);
}
</style>
