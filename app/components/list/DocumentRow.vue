<script setup lang="ts">
import { ref } from 'vue'
import type { ListedDocument } from '../../../contract/document'
import { dateText, timeText } from '../../../core/dates/index'
import { fileNameOf, sizeText } from '../../../core/formats/index'
import type { Dragged } from '../../composables/useDrag'
import { useDragSource, useDropOnDocument } from '../../composables/useDrag'
import { useRename } from '../../composables/useRename'
import { computed } from 'vue'
import { useHand } from '../../stores/hand'
import { useColourKey } from '../../stores/colourKey'
import LockSign from '../lock/LockSign.vue'
import MenuSign from '../common/MenuSign.vue'
import MeaningMark from '../common/MeaningMark.vue'
import NameField from '../common/NameField.vue'
import StarButton from '../common/StarButton.vue'
import TypeMark from '../common/TypeMark.vue'
import TagWords from '../common/TagWords.vue'
import { originName } from '../../stores/origin'
import type { ColumnId, ShownColumn } from '../../stores/columns'
import { columnOf } from '../../stores/columns'
import PlaceLinks from '../common/PlaceLinks.vue'
import RowTick from '../base/RowTick.vue'

const hand = useHand()
const props = defineProps<{
  row: ListedDocument
  /** From 1. */
  number: number
  selected: boolean
  focused: boolean
  renaming: boolean
  showPlaces: boolean
  columns: readonly ShownColumn[]
  /** Of the grid, as the head has them. */
  tracks: string
  /** Said instead of when it changed; empty: nothing. */
  note: string
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

const element = ref<HTMLElement | null>(null)
const rename = useRename()
useDragSource(element, () => (props.renaming ? null : props.dragged()))
const isOver = useDropOnDocument(element, () => ({ id: props.row.id, folderId: props.dragged().fromFolderId }))

const colourKey = useColourKey()
const meaning = computed(() =>
  props.row.meaningId === null ? null : (colourKey.meaningById.get(props.row.meaningId) ?? null),
)

const has = (id: ColumnId) => props.columns.some(column => column.id === id)

function textOf(id: ColumnId): string {
  const { row } = props
  switch (id) {
    case 'changed':
      return props.note || dateText(row.changedAt)
    case 'added':
      return dateText(row.createdAt)
    case 'size':
      return sizeText(row.size)
    case 'sender':
      return row.sender
    case 'way':
      return originName(row.origin)
    case 'number':
      return row.runningNumber ?? ''
    case 'version':
      return String(row.version)
    default:
      return ''
  }
}

const READING = {
  none: '',
  waiting: 'waiting to be read',
  reading: 'being read',
  read: '',
  failed: 'could not be read',
  locked: '',
} as const
</script>

<template>
  <div
    :id="`row-${row.id}`"
    ref="element"
    :data-key="`d:${row.id}`"
    class="row"
    role="row"
    :aria-selected="selected"
    :class="{ selected, focused, gathers: isOver, 'in-hand': hand.holds(row.id) }"
    :style="{ gridTemplateColumns: tracks }"
    @click="emit('pick', $event)"
    @dblclick="emit('open')"
    @contextmenu.prevent="emit('menu', $event)">
    <span role="gridcell" class="cell check"
      ><RowTick
        :model-value="selected"
        tabindex="-1"
        :aria-label="`Select ${row.name}`"
        @click.stop
        @update:model-value="emit('toggle')"
    /></span>
    <span role="gridcell" class="cell number">{{ String(number).padStart(2, '0') }}</span>
    <span role="gridcell" class="cell name">
      <NameField
        v-if="renaming"
        :value="row.name"
        :label="`New name of ${row.name}`"
        :keep="rename({ kind: 'document', id: row.id })"
        @kept="emit('renamed')"
        @cancel="emit('renamed')" />
      <template v-else>
        <span v-if="row.runningNumber && !has('number')" class="aside running">{{ row.runningNumber }}</span>
        <span class="two-lines" :title="fileNameOf(row.name, row.extension)">{{ row.name }}</span>
        <LockSign v-if="row.reading === 'locked'" />
        <span v-if="row.ticks" class="aside">{{ row.ticks.done }} of {{ row.ticks.all }} done</span>
        <span v-if="row.version > 1 && !has('version')" class="aside">version {{ row.version }}</span>
        <TagWords v-if="row.tagIds.length > 0 && !has('tags')" :tag-ids="row.tagIds" :most="2" />
        <span v-if="meaning && !has('colour')" class="aside meaning"
          ><MeaningMark :ink="meaning.ink" :pattern="meaning.pattern" />{{ meaning.name }}</span
        >
        <span
          v-if="READING[row.reading]"
          class="aside state cut"
          :title="READING[row.reading]"
          :class="{ warn: row.reading === 'failed' }"
          >{{ READING[row.reading] }}</span
        >
      </template>
    </span>
    <span v-if="showPlaces" role="gridcell" class="cell"><PlaceLinks :folder-ids="row.folderIds" /></span>
    <span v-for="{ id } in columns" :key="id" role="gridcell" class="cell" :class="{ right: columnOf(id).right }">
      <TypeMark v-if="id === 'type'" :extension="row.extension" />
      <TagWords v-else-if="id === 'tags'" :tag-ids="row.tagIds" />
      <span v-else-if="id === 'colour'" class="meaning cut"
        ><template v-if="meaning"
          ><MeaningMark :ink="meaning.ink" :pattern="meaning.pattern" />{{ meaning.name }}</template
        ></span
      >
      <span v-else class="cut" :title="id === 'changed' ? `changed ${timeText(row.changedAt)}` : undefined">{{
        textOf(id)
      }}</span>
    </span>
    <span role="gridcell" class="cell right last"
      ><MenuSign :name="row.name" @menu="emit('menu', $event)" /><StarButton
        :starred="row.starred"
        :name="row.name"
        @toggle="emit('star')"
    /></span>
  </div>
</template>

<style scoped>
.row {
  position: relative;
  display: grid;
  align-items: center;
  height: var(--row);
  border-bottom: 1px solid var(--rule);
  padding-left: 4px;
  cursor: default;
  user-select: none;
}
.row:hover {
  background: color-mix(in srgb, var(--act-soft) 45%, transparent);
}
.row.selected {
  background: var(--act-soft);
  box-shadow: inset 3px 0 0 var(--act);
}
.row.focused {
  outline: 1px solid var(--act);
  outline-offset: -1px;
}
.cell {
  min-width: 0;
  display: flex;
  align-items: center;
  gap: 7px;
  padding-right: 6px;
}
.last {
  --sign-from-end: 28px;
}
.number {
  color: var(--ink-3);
  font-size: 12px;
}
.name {
  padding-right: 10px;
}
.aside {
  flex: none;
  font-size: 11.5px;
  color: var(--ink-3);
}
.meaning {
  display: inline-flex;
  gap: 5px;
  align-items: center;
  color: var(--ink-2);
}
.running {
  color: var(--ink-2);
  font-weight: 600;
  font-variant-numeric: tabular-nums;
}
.aside.state {
  flex: 0 4 auto;
}
.aside.warn {
  color: var(--warn);
}
.cell > .cut {
  color: var(--ink-2);
}
.two-lines {
  min-width: min(100%, 9em);
}
.name > .tags {
  flex: 0 1 auto;
  min-width: 0;
  overflow: hidden;
}
.right {
  justify-content: flex-end;
  padding-right: 8px;
  font-weight: 500;
}
</style>
