<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ListedDocument } from '../../../contract/document'
import { agoText, timeText } from '../../../core/dates/index'
import { fileNameOf } from '../../../core/formats/index'
import type { Dragged } from '../../composables/useDrag'
import { useDragSource } from '../../composables/useDrag'
import { useNow } from '../../composables/useNow'
import { useHand } from '../../stores/hand'
import { originText } from '../../stores/origin'
import MenuSign from '../common/MenuSign.vue'
import TypeMark from '../common/TypeMark.vue'

const hand = useHand()
const props = defineProps<{ row: ListedDocument; selected: boolean; focused: boolean; dragged: () => Dragged }>()
const emit = defineEmits<{ pick: [event: MouseEvent]; menu: [event: MouseEvent]; open: [] }>()

const element = ref<HTMLElement | null>(null)
useDragSource(element, () => props.dragged())
const now = useNow()
const reading = computed(
  () =>
    ({
      none: '',
      waiting: ' · waiting to be read',
      reading: ' · being read',
      read: '',
      failed: ' · could not be read',
      locked: ' · locked',
    })[props.row.reading],
)
</script>

<template>
  <div
    :id="`row-${row.id}`"
    ref="element"
    :data-key="`d:${row.id}`"
    class="row"
    role="row"
    :aria-selected="selected"
    :class="{ selected, focused, 'in-hand': hand.holds(row.id) }"
    @click="emit('pick', $event)"
    @dblclick="emit('open')"
    @contextmenu.prevent="emit('menu', $event)">
    <span role="gridcell" class="type"><TypeMark :extension="row.extension" /></span>
    <span role="gridcell" class="act-sign"><MenuSign :name="row.name" @menu="emit('menu', $event)" /></span>
    <span role="gridcell" class="what">
      <span class="name cut" :title="fileNameOf(row.name, row.extension)">{{ row.name }}</span>
      <span class="from"
        ><span class="cut">{{ originText(row) }}{{ reading }}</span
        ><span class="when" :title="timeText(row.createdAt)">{{ agoText(row.createdAt, now) }}</span></span
      >
    </span>
  </div>
</template>

<style scoped>
.row {
  position: relative;
  display: grid;
  grid-template-columns: 53px minmax(0, 1fr);
  height: 56px;
  padding: 7px 18px 0;
  border-bottom: 1px solid var(--rule-strong);
  cursor: default;
  user-select: none;
  background: var(--sheet);
}
.row:hover {
  background: color-mix(in srgb, var(--act-soft) 45%, var(--sheet));
}
.row.selected {
  background: var(--act-soft);
  box-shadow: inset 4px 0 0 var(--act);
}
.act-sign {
  position: absolute;
  inset: 0 10px auto auto;
  height: 26px;
}
.row.focused {
  outline: 1px solid var(--act);
  outline-offset: -1px;
}
.name {
  display: block;
  font-weight: 600;
  font-size: 14px;
  line-height: 20px;
}
.from {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  font-size: 12px;
  color: var(--ink-3);
}
.when {
  flex: none;
}
.type {
  padding-top: 2px;
}
</style>
