<script setup lang="ts">
// A document as a sheet: what its beginning looks like, its name below.
import { computed, ref } from 'vue'
import type { ListedDocument } from '../../../contract/document'
import { dateText } from '../../../core/dates/index'
import { fileNameOf, sizeText } from '../../../core/formats/index'
import type { Dragged } from '../../composables/useDrag'
import { useDragSource, useDropOnDocument } from '../../composables/useDrag'
import { useRename } from '../../composables/useRename'
import { useHand } from '../../stores/hand'
import { useColourKey } from '../../stores/colourKey'
import MenuSign from '../common/MenuSign.vue'
import MeaningMark from '../common/MeaningMark.vue'
import NameField from '../common/NameField.vue'
import StarButton from '../common/StarButton.vue'
import TypeMark from '../common/TypeMark.vue'
import RowTick from '../base/RowTick.vue'
import SheetPicture from './SheetPicture.vue'

const props = defineProps<{
  row: ListedDocument
  selected: boolean
  focused: boolean
  renaming: boolean
  dragged: () => Dragged
}>()
const emit = defineEmits<{
  pick: [event: MouseEvent]
  toggle: []
  open: []
  star: []
  menu: [event: MouseEvent]
  renamed: []
}>()

const [hand, colourKey] = [useHand(), useColourKey()]
const element = ref<HTMLElement | null>(null)
const rename = useRename()
useDragSource(element, () => (props.renaming ? null : props.dragged()))
const isOver = useDropOnDocument(element, () => ({ id: props.row.id, folderId: props.dragged().fromFolderId }))

const meaning = computed(() =>
  props.row.meaningId === null ? null : (colourKey.meaningById.get(props.row.meaningId) ?? null),
)
</script>

<template>
  <div
    :id="`row-${row.id}`"
    ref="element"
    :data-key="`d:${row.id}`"
    class="sheet-card"
    role="row"
    :aria-selected="selected"
    :class="{ selected, focused, gathers: isOver, 'in-hand': hand.holds(row.id) }"
    @click="emit('pick', $event)"
    @dblclick="emit('open')"
    @contextmenu.prevent="emit('menu', $event)">
    <span role="gridcell" class="frame">
      <SheetPicture :row="row" />
      <RowTick
        class="check"
        :model-value="selected"
        tabindex="-1"
        :aria-label="`Select ${row.name}`"
        @click.stop
        @update:model-value="emit('toggle')" />
      <MenuSign :name="row.name" class="sign" @menu="emit('menu', $event)" />
      <span class="star"><StarButton :starred="row.starred" :name="row.name" @toggle="emit('star')" /></span>
    </span>
    <span role="gridcell" class="below">
      <NameField
        v-if="renaming"
        :value="row.name"
        :label="`New name of ${row.name}`"
        :keep="rename({ kind: 'document', id: row.id })"
        @kept="emit('renamed')"
        @cancel="emit('renamed')" />
      <span v-else class="name" :title="fileNameOf(row.name, row.extension)"
        ><MeaningMark v-if="meaning" :ink="meaning.ink" :pattern="meaning.pattern" />{{ row.name }}</span
      >
      <span class="quiet facts"
        ><TypeMark :extension="row.extension" />{{ dateText(row.changedAt) }} · {{ sizeText(row.size) }}</span
      >
    </span>
  </div>
</template>

<style scoped>
.sheet-card {
  display: flex;
  flex-direction: column;
  gap: 5px;
  padding: 7px 7px 6px;
  cursor: default;
  user-select: none;
  height: 100%;
}
.sheet-card:hover {
  background: color-mix(in srgb, var(--act-soft) 45%, transparent);
}
.sheet-card.selected {
  background: var(--act-soft);
  box-shadow: inset 0 -3px 0 var(--act);
}
.sheet-card.focused {
  outline: 1px solid var(--act);
  outline-offset: -1px;
}
.sign {
  inset: auto 4px 4px auto;
}
.frame {
  position: relative;
  display: flex;
  height: 150px;
  align-items: flex-end;
  justify-content: center;
}
.check {
  position: absolute;
  inset: 0 auto auto 1px;
  width: 14px;
  height: 14px;
  opacity: 0;
}
.star {
  position: absolute;
  inset: -3px 0 auto auto;
  opacity: 0;
}
.sheet-card:hover :is(.check, .star),
.sheet-card.selected :is(.check, .star),
.sheet-card.focused .check,
.star:has([aria-pressed='true']) {
  opacity: 1;
}
.below {
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 2px;
}
.name {
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
  line-height: 16px;
  font-size: 13px;
  overflow-wrap: anywhere;
  min-height: 32px;
}
.name > :deep(svg) {
  margin-right: 5px;
}
.facts {
  display: flex;
  gap: 6px;
  align-items: center;
  font-size: 11.5px;
  white-space: nowrap;
  overflow: hidden;
}
/* The line is narrow: here marks are as wide as their letters. */
.facts :deep(.type-mark) {
  min-width: 0;
}
</style>
