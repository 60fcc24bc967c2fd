<script setup lang="ts">
import { computed, ref } from 'vue'
import type { FolderId } from '../../../core/ids'
import { useDropPlace } from '../../composables/useDrag'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'

const props = defineProps<{ id: FolderId; isCurrent: boolean }>()
const emit = defineEmits<{ go: [] }>()

const plan = usePlan()
const placeNames = usePlaceNames()
const row = ref<{ $el: HTMLElement } | null>(null)
const { isOver } = useDropPlace(row, () => props.id)
const place = computed(() => placeNames.placeOf(props.id))
</script>

<template>
  <v-btn ref="row" class="row" :class="{ current: isCurrent, over: isOver }" @click="emit('go')">
    <span v-if="place?.code" class="code">{{ place.code }}</span><span class="cut">{{ place?.name }}</span>
    <span class="leader" aria-hidden="true" /><span class="count">{{
      (plan.totals.get(id) ?? 0).toLocaleString('en-GB')
    }}</span>
  </v-btn>
</template>

<style scoped>
.row {
  display: flex;
  align-items: center;
  flex: 1;
  min-width: 0;
  height: 28px;
  text-align: left;
}
.row:hover {
  color: var(--act);
}
.row.current {
  font-weight: 600;
}
.row.over {
  background: var(--act-soft);
  outline: 2px solid var(--act);
}
.code {
  padding-right: 7px;
  color: var(--ink-2);
  flex: none;
}
.count {
  color: var(--ink-3);
  font-size: 12px;
  flex: none;
}
</style>
