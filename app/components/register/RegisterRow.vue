<script setup lang="ts">
import { ref } from 'vue'
import type { RegisterRow } from '../../../contract/document'
import { dateText, timeText } from '../../../core/dates/index'
import { fileNameOf, sizeText } from '../../../core/formats/index'
import type { Dragged } from '../../composables/useDrag'
import { useDragSource } from '../../composables/useDrag'
import { useRename } from '../../composables/useRename'
import { computed } from 'vue'
import { useHand } from '../../stores/hand'
import { usePlan } from '../../stores/plan'
import MeaningMark from '../common/MeaningMark.vue'
import NameField from '../common/NameField.vue'
import StarButton from '../common/StarButton.vue'
import TypeMark from '../common/TypeMark.vue'
import TagWords from '../common/TagWords.vue'
import PlaceLinks from '../common/PlaceLinks.vue'

const hand = useHand()
const props = defineProps<{
  row: RegisterRow
  /** From 1. */
  number: number
  selected: boolean
  focused: boolean
  renaming: boolean
  showPlaces: boolean
  /** Said instead of when it changed; empty: nothing. */
  note: string
  dragged: () => Dragged
}>()
const emit = defineEmits<{ pick: [event: MouseEvent]; toggle: []; open: []; star: []; menu: [event: MouseEvent]; renamed: [] }>()

const element = ref<HTMLElement | null>(null)
const rename = useRename()
useDragSource(element, () => (props.renaming ? null : props.dragged()))

const plan = usePlan()
const meaning = computed(() => (props.row.meaningId === null ? null : plan.meaningById.get(props.row.meaningId) ?? null))

const READING = { none: '', waiting: 'waiting to be read', reading: 'being read', read: '', failed: 'could not be read' } as const
</script>

<template>
  <div
    :id="`row-${row.id}`" ref="element" :data-key="`d:${row.id}`" class="row" role="row" :aria-selected="selected" :class="{ selected, focused, places: showPlaces, noted: note !== '', 'in-hand': hand.holds(row.id) }"
    @click="emit('pick', $event)" @dblclick="emit('open')" @contextmenu.prevent="emit('menu', $event)"
  >
    <span role="gridcell" class="cell check"><input type="checkbox" :checked="selected" tabindex="-1" :aria-label="`Select ${row.name}`" @click.stop="emit('toggle')"></span>
    <span role="gridcell" class="cell number">{{ String(number).padStart(2, '0') }}</span>
    <span role="gridcell" class="cell name">
      <NameField v-if="renaming" :value="row.name" :label="`New name of ${row.name}`" :keep="rename('document', row.id)" @kept="emit('renamed')" @cancel="emit('renamed')" />
      <template v-else>
        <span v-if="row.runningNumber" class="aside running">{{ row.runningNumber }}</span>
        <span class="cut" :title="fileNameOf(row.name, row.extension)">{{ row.name }}</span>
        <span v-if="row.version > 1" class="aside">version {{ row.version }}</span>
        <TagWords v-if="row.tagIds.length > 0" :tag-ids="row.tagIds" :most="2" />
        <span v-if="meaning" class="aside meaning"><MeaningMark :ink="meaning.ink" :pattern="meaning.pattern" />{{ meaning.name }}</span>
        <span v-if="READING[row.reading]" class="aside" :class="{ warn: row.reading === 'failed' }">{{ READING[row.reading] }}</span>
      </template>
    </span>
    <span role="gridcell" class="cell type"><TypeMark :extension="row.extension" /></span>
    <span v-if="showPlaces" role="gridcell" class="cell"><PlaceLinks :folder-ids="row.folderIds" /></span>
    <span role="gridcell" class="cell changed" :title="`changed ${timeText(row.changedAt)}`"><span class="cut">{{ note || dateText(row.changedAt) }}</span></span>
    <span role="gridcell" class="cell size">{{ sizeText(row.size) }}</span>
    <span role="gridcell" class="cell"><StarButton :starred="row.starred" :name="row.name" @toggle="emit('star')" /></span>
  </div>
</template>

<style scoped>
.row { display: grid; grid-template-columns: 26px 34px minmax(0, 1fr) 62px 92px 72px 24px; align-items: center; height: var(--row); border-bottom: 1px solid var(--rule); padding-left: 4px; cursor: default; user-select: none; }
.row.places { grid-template-columns: 26px 34px minmax(0, 1fr) 62px minmax(0, 190px) 92px 72px 24px; }
.row.places.noted { grid-template-columns: 26px 34px minmax(0, 1fr) 62px minmax(0, 150px) 150px 64px 24px; }
.row:hover { background: color-mix(in srgb, var(--act-soft) 45%, transparent); }
.row.selected { background: var(--act-soft); box-shadow: inset 3px 0 0 var(--act); }
.row.focused { outline: 1px solid var(--act); outline-offset: -1px; }
.cell { min-width: 0; display: flex; align-items: center; gap: 7px; }
.check input { accent-color: var(--act); width: 14px; height: 14px; }
.number { color: var(--ink-3); font-size: 12px; }
.name { padding-right: 10px; }
.aside { flex: none; font-size: 11.5px; color: var(--ink-3); }
.meaning { display: inline-flex; gap: 5px; align-items: center; color: var(--ink-2); }
.running { color: var(--ink-2); font-weight: 600; font-variant-numeric: tabular-nums; }
.aside.warn { color: var(--warn); }
.changed { color: var(--ink-2); }
.size { justify-content: flex-end; padding-right: 8px; font-weight: 500; }
</style>
