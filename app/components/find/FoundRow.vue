<script setup lang="ts">
import { computed, ref } from 'vue'
import type { FoundDocument } from '../../../contract/find'
import { dateText } from '../../../core/dates/index'
import type { Rule, Spot } from '../../../core/find/index'
import type { Term } from '../../../core/text/index'
import { marksIn, partLabel } from '../../../core/text/index'
import type { Dragged } from '../../composables/useDrag'
import { useDragSource } from '../../composables/useDrag'
import { useRename } from '../../composables/useRename'
import { useHand } from '../../stores/hand'
import { usePlaceNames } from '../../stores/placeNames'
import LockSign from '../lock/LockSign.vue'
import ColourStripe from '../common/ColourStripe.vue'
import MenuSign from '../common/MenuSign.vue'
import NameField from '../common/NameField.vue'
import PlaceLinks from '../common/PlaceLinks.vue'
import StarButton from '../common/StarButton.vue'
import TagWords from '../common/TagWords.vue'
import TypeMark from '../common/TypeMark.vue'
import MarkedText from './MarkedText.vue'
import SuchMenu from './SuchMenu.vue'

const hand = useHand()
const props = defineProps<{
  row: FoundDocument
  terms: readonly Term[]
  selected: boolean
  focused: boolean
  renaming: boolean
  dragged: () => Dragged
}>()
const emit = defineEmits<{
  pick: [event: MouseEvent]
  open: []
  star: []
  menu: [event: MouseEvent]
  renamed: []
  only: [rule: Rule]
  without: [rule: Rule]
}>()

const placeNames = usePlaceNames()
const rename = useRename()
const element = ref<HTMLElement | null>(null)
useDragSource(element, () => (props.renaming ? null : props.dragged()))
const ink = computed(() => placeNames.placeOf(props.row.folderIds[0] ?? null)?.laid ?? null)

const SPOT_TEXTS: Record<Spot, string> = {
  name: 'in the name',
  tag: 'in a tag',
  remark: 'in the remark',
  sender: 'in the sender',
  heading: 'in a heading',
  text: 'inside',
}
/** Why it is found. */
const why = computed(() => {
  const { why: spots, passage } = props.row
  const inside = passage ? [partLabel(passage.part, passage.page), passage.scanned ? 'read from a scan' : ''] : []
  return [...spots.map(spot => SPOT_TEXTS[spot]), ...inside].filter(part => part !== '').join(' · ')
})
</script>

<template>
  <div
    ref="element"
    :data-key="`d:${row.id}`"
    class="found"
    role="row"
    :aria-selected="selected"
    :class="{ selected, focused, 'in-hand': hand.holds(row.id) }"
    @click="emit('pick', $event)"
    @dblclick="emit('open')"
    @contextmenu.prevent="emit('menu', $event)">
    <ColourStripe :ink="ink" />
    <TypeMark class="type" :extension="row.extension" />
    <div class="text" role="gridcell">
      <p class="name">
        <NameField
          v-if="renaming"
          :value="row.name"
          :label="`New name of ${row.name}`"
          :keep="rename({ kind: 'document', id: row.id })"
          @kept="emit('renamed')"
          @cancel="emit('renamed')" />
        <template v-else>
          <MarkedText :text="row.name" :marks="marksIn(row.name, terms)" is-name />
          <LockSign v-if="row.reading === 'locked'" />
          <TagWords v-if="row.tagIds.length > 0" :tag-ids="row.tagIds" :most="3" class="tags" />
        </template>
      </p>
      <p v-if="row.passage" class="passage">
        <MarkedText :text="row.passage.text" :marks="row.passage.marks" />
      </p>
      <p class="where">
        <PlaceLinks :folder-ids="row.folderIds" /><span v-if="why" class="quiet">{{ why }}</span>
      </p>
    </div>
    <span role="gridcell" class="second date"
      >{{ dateText(row.changedAt)
      }}<SuchMenu :row="row" @only="emit('only', $event)" @without="emit('without', $event)"
    /></span>
    <span role="gridcell" class="star"
      ><MenuSign :name="row.name" class="sign" @menu="emit('menu', $event)" /><StarButton
        :starred="row.starred"
        :name="row.name"
        @toggle="emit('star')"
    /></span>
  </div>
</template>

<style scoped>
.found {
  position: relative;
  display: flex;
  gap: 12px;
  border-bottom: 1px solid var(--rule);
  padding: 8px 0;
  cursor: default;
  user-select: none;
}
.found:hover {
  background: color-mix(in srgb, var(--act-soft) 45%, transparent);
}
.found.selected {
  background: var(--act-soft);
}
.found.focused {
  outline: 1px solid var(--act);
  outline-offset: -1px;
}
.type {
  align-self: flex-start;
  margin-top: 2px;
  flex: none;
}
.text {
  flex: 1;
  min-width: 0;
  padding-left: 8px;
}
.name {
  font-weight: 600;
  font-size: 14.5px;
  display: flex;
  gap: 8px;
  align-items: baseline;
}
.tags {
  font-weight: 400;
}
.passage {
  color: var(--ink-2);
  max-width: 620px;
  margin-top: 1px;
  overflow-wrap: anywhere;
  unicode-bidi: plaintext;
}
.where {
  display: flex;
  gap: 9px;
  font-size: 12px;
  margin-top: 2px;
  min-width: 0;
}
.date {
  flex: none;
  display: flex;
  flex-direction: column;
  align-items: flex-end;
  gap: 3px;
}
.date :deep(.such) {
  opacity: 0;
}
.found:hover .date :deep(.such),
.found.focused .date :deep(.such),
.date :deep(.such:focus-visible),
.date :deep(.such[aria-expanded='true']) {
  opacity: 1;
}
.sign {
  inset: auto 0 6px auto;
}
.star {
  align-self: flex-start;
  margin-right: 4px;
}
</style>
