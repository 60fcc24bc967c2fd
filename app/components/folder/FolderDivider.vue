<script setup lang="ts">
// A subfolder as an index divider: a tab with the code in its colour, its name, what is in it.
import { computed, ref } from 'vue'
import type { PlanFolder } from '../../../contract/plan'
import { counted } from '../../../core/change/index'
import { textOn } from '../../../core/colour/index'
import { childrenOf } from '../../../core/tree/index'
import type { Dragged } from '../../composables/useDrag'
import { useDragSource, useDropPlace } from '../../composables/useDrag'
import { useRename } from '../../composables/useRename'
import { useHand } from '../../stores/hand'
import { useJustMade } from '../../stores/justMade'
import { useLocks } from '../../stores/locks'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import { useColourKey } from '../../stores/colourKey'
import LockSign from '../lock/LockSign.vue'
import MenuSign from '../common/MenuSign.vue'
import NameField from '../common/NameField.vue'

const [hand, justMade] = [useHand(), useJustMade()]
const props = defineProps<{
  folder: PlanFolder
  selected: boolean
  focused: boolean
  renaming: boolean
  /** What is dragged when this one is: the selection, when it belongs to it. */
  dragged: () => Dragged
}>()
const emit = defineEmits<{ pick: [event: MouseEvent]; open: []; menu: [event: MouseEvent]; renamed: []; held: [] }>()

const [plan, locks] = [usePlan(), useLocks()]
const isLocked = computed(() => locks.ofFolder(props.folder.id) !== undefined)
const placeNames = usePlaceNames()
const colourKey = useColourKey()
const rename = useRename()
const divider = ref<HTMLElement | null>(null)
useDragSource(divider, () => (props.renaming ? null : props.dragged()))
const { isOver } = useDropPlace(
  divider,
  () => props.folder.id,
  () => emit('held'),
)

const place = computed(() => placeNames.placeOf(props.folder.id))
const ink = computed(() => place.value?.ink ?? null)
const meaning = computed(() => {
  const own = props.folder.meaningId ? colourKey.meaningById.get(props.folder.meaningId)?.name : undefined
  return own === props.folder.name ? undefined : own
})
/** What is in it: documents, or folders where there is no document yet. */
const holds = computed(() => {
  const [documents, folders] = [plan.totals.get(props.folder.id) ?? 0, childrenOf(plan.tree, props.folder.id).length]
  return documents === 0 && folders > 0 ? counted(folders, 'folder') : counted(documents, 'document')
})
const words = computed(() =>
  [
    holds.value,
    meaning.value,
    justMade.ids.has(props.folder.id) ? 'new' : undefined,
    isLocked.value ? 'locked' : undefined,
  ]
    .filter(Boolean)
    .join(' · '),
)
</script>

<template>
  <div
    ref="divider"
    :data-key="`f:${folder.id}`"
    class="divider"
    role="row"
    :aria-selected="selected"
    :aria-label="`${place?.text ?? folder.name}, ${words}`"
    :class="{ selected, focused, over: isOver, 'in-hand': hand.holds(folder.id) }"
    @click="emit('pick', $event)"
    @dblclick="emit('open')"
    @contextmenu.prevent="emit('menu', $event)">
    <span class="tab" role="gridcell" :style="ink ? { background: ink, color: textOn(ink) } : {}">{{
      place?.code || '–'
    }}</span>
    <span class="body" role="gridcell">
      <i class="strip" :style="{ background: place?.laid ?? 'var(--no-colour)' }" aria-hidden="true" />
      <NameField
        v-if="renaming"
        :value="folder.name"
        :label="`New name of ${folder.name}`"
        :keep="rename({ kind: 'folder', id: folder.id })"
        @kept="emit('renamed')"
        @cancel="emit('renamed')" />
      <span v-else class="name"
        ><a
          class="cut"
          :href="`/plan/${folder.id}`"
          tabindex="-1"
          @click.prevent.stop="
            $event.ctrlKey || $event.shiftKey || $event.metaKey ? emit('pick', $event) : emit('open')
          "
          >{{ folder.name }}</a
        >
        <LockSign v-if="isLocked" />
        <span v-if="plan.starredFolders.has(folder.id)" class="star" title="Starred">★</span></span
      >
      <span class="words">{{ words }}</span>
      <MenuSign v-if="!renaming" class="sign" :name="folder.name" @menu="emit('menu', $event)" />
    </span>
  </div>
</template>

<style scoped>
.divider {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  min-width: 0;
  cursor: default;
  user-select: none;
}
.tab {
  font-size: 11px;
  font-weight: 600;
  line-height: 15px;
  padding: 0 10px;
  min-width: 46px;
  border-radius: 3px 3px 0 0;
  background: var(--no-colour);
  color: var(--ink);
}
.body {
  width: 100%;
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  border-top: 0;
  padding: 10px 10px 7px;
  position: relative;
  display: block;
  flex: 1;
}
.sign {
  inset: auto 4px 4px auto;
}
.strip {
  position: absolute;
  inset: 0 -1px auto;
  height: 5px;
}
.name {
  display: flex;
  align-items: baseline;
  gap: 5px;
  font-weight: 600;
  font-size: 14px;
}
.name a:hover {
  color: var(--act);
  text-decoration: underline;
  text-underline-offset: 2px;
}
.star {
  font-size: 11px;
  color: var(--ink-2);
}
.words {
  display: block;
  color: var(--ink-3);
  font-size: 12px;
  margin-top: 2px;
}
.divider.selected .body {
  background: var(--act-soft);
}
.divider.focused .body {
  outline: 2px solid var(--act);
  outline-offset: 0;
}
.divider.over .body {
  outline: 2px solid var(--act);
  background: var(--act-soft);
}
</style>
