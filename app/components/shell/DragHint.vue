<script setup lang="ts">
// What a drop would do, and where, in words beside the pointer before the drop; and the drop itself.
import { monitorForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter'
import { monitorForExternal } from '@atlaskit/pragmatic-drag-and-drop/external/adapter'
import { combine } from '@atlaskit/pragmatic-drag-and-drop/combine'
import { onBeforeUnmount, onMounted, ref } from 'vue'
import { counted, quoted } from '../../../core/change/index'
import type { FolderId } from '../../../core/ids'
import { isInside } from '../../../core/tree/index'
import type { Place } from '../../../core/plan/index'
import type { Dragged, Zone } from '../../composables/useDrag'
import { isDragged } from '../../composables/useDrag'
import type { DroppedFile } from '../../stores/uploadQuestions'
import { filesWithPaths } from '../../composables/droppedFiles'
import { usePlacing } from '../../composables/usePlacing'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'

const emit = defineEmits<{
  move: [dragged: Dragged, to: FolderId | null]
  file: [dragged: Dragged, to: FolderId]
  pick: [dragged: Dragged]
  files: [files: DroppedFile[], to: FolderId | null]
}>()

const plan = usePlan()
const placeNames = usePlaceNames()
const hint = ref<{ text: string; x: number; y: number; not: boolean } | null>(null)

type Targets = readonly { readonly data: Readonly<Record<string | symbol, unknown>> }[]
const placeIn = (targets: Targets) => targets[0]?.data.place as FolderId | null | undefined
const placing = usePlacing()

/** Between two rows of the outline: the exact place; null when it is held on a folder. */
function exactPlace(targets: Targets): Place | null {
  const zone = targets[0]?.data.zone as Zone | undefined
  const id = placeIn(targets)
  return zone === undefined || zone === 'into' || !id ? null : placing.beside(id, zone)
}

let known: { key: string; text: { text: string; not: boolean } } | null = null

/** Worked out once for each place, not for each movement of the pointer. */
function layTextOnce(dragged: Dragged, place: Place): { text: string; not: boolean } {
  const key = JSON.stringify([dragged.folderIds, place])
  if (known?.key !== key) known = { key, text: layText(dragged, place) }
  return known.text
}

function layText(dragged: Dragged, place: Place): { text: string; not: boolean } {
  const what = dragged.name === '' ? counted(dragged.folderIds.length, 'folder') : quoted(dragged.name)
  const found = placing.preview(dragged.folderIds, place)
  if ('not' in found) return { text: found.not, not: true }
  const where = place.parentId === null ? 'the top of the plan' : whereText(place.parentId)
  return { text: `Place ${what}${found.code === '' ? '' : ` as ${found.code}`} in ${where}`, not: false }
}

function whereText(place: FolderId | null): string {
  return place === null ? 'the In-tray' : (placeNames.placeOf(place)?.text ?? '')
}

const nameOf = ({ folderIds, documentIds, name }: Dragged) =>
  name !== ''
    ? quoted(name)
    : [
        folderIds.length > 0 ? counted(folderIds.length, 'folder') : '',
        documentIds.length > 0 ? counted(documentIds.length, 'document') : '',
      ]
        .filter(part => part !== '')
        .join(' and ')
const isHand = (targets: Targets) => targets[0]?.data.hand === true

/** With Ctrl held, documents are filed there as well instead of leaving their place. */
function asWellText(dragged: Dragged, place: FolderId | null | undefined): { text: string; not: boolean } | null {
  if (!place || dragged.fromFolderId === place) return null
  if (dragged.folderIds.length > 0) return { text: 'Not possible: a folder lies in one place only', not: true }
  return { text: `File ${nameOf(dragged)} in ${whereText(place)} as well`, not: false }
}

function textFor(dragged: Dragged, targets: Targets, withControl: boolean): { text: string; not: boolean } {
  if (isHand(targets)) return { text: `Pick up ${nameOf(dragged)}`, not: false }
  const place = placeIn(targets)
  return (withControl ? asWellText(dragged, place) : null) ?? moveText(dragged, place)
}

function moveText(dragged: Dragged, place: FolderId | null | undefined): { text: string; not: boolean } {
  const { folderIds, documentIds } = dragged
  const what = nameOf(dragged)
  if (place === undefined) return { text: `Move ${what}: drop it on a folder`, not: true }
  if (place !== null && folderIds.some(id => isInside(plan.tree, place, id)))
    return { text: 'Not possible: a folder cannot go into itself', not: true }
  const lies =
    folderIds.every(id => plan.tree.byId.get(id)?.parentId === place) &&
    (documentIds.length === 0 || dragged.fromFolderId === place)
  if (lies)
    return { text: `${what} ${folderIds.length + documentIds.length === 1 ? 'lies' : 'lie'} there already`, not: true }
  if (place === null && folderIds.length > 0 && documentIds.length > 0)
    return { text: 'Not possible: folders cannot lie in the In-tray', not: true }
  return {
    text: `Move ${what} to ${place === null && folderIds.length > 0 ? 'the top of the plan' : whereText(place)}`,
    not: false,
  }
}

let stop: (() => void) | null = null
onMounted(() => {
  stop = combine(
    monitorForElements({
      canMonitor: ({ source }) => isDragged(source.data),
      onDrag: ({ source, location }) => {
        if (!isDragged(source.data)) return
        const { clientX, clientY, ctrlKey } = location.current.input
        const exact = exactPlace(location.current.dropTargets)
        hint.value = {
          ...(exact
            ? layTextOnce(source.data.dragged, exact)
            : textFor(source.data.dragged, location.current.dropTargets, ctrlKey)),
          x: clientX,
          y: clientY,
        }
      },
      onDrop: ({ source, location }) => {
        hint.value = null
        const exact = exactPlace(location.current.dropTargets)
        if (exact && isDragged(source.data)) {
          void placing.lay(source.data.dragged.folderIds, exact)
          return
        }
        if (!isDragged(source.data)) return
        if (isHand(location.current.dropTargets)) {
          emit('pick', source.data.dragged)
          return
        }
        const place = placeIn(location.current.dropTargets)
        const asWell = location.current.input.ctrlKey ? asWellText(source.data.dragged, place) : null
        if (asWell) {
          if (place && !asWell.not) emit('file', source.data.dragged, place)
          return
        }
        if (place !== undefined && !moveText(source.data.dragged, place).not) emit('move', source.data.dragged, place)
      },
    }),
    monitorForExternal({
      onDrag: ({ location }) => {
        const { clientX, clientY } = location.current.input
        const place = placeIn(location.current.dropTargets)
        hint.value =
          place === undefined
            ? null
            : { text: `Bring the files into ${whereText(place)}`, x: clientX, y: clientY, not: false }
      },
      onDrop: ({ source, location }) => {
        hint.value = null
        const place = placeIn(location.current.dropTargets)
        if (place !== undefined) void filesWithPaths(source.items).then(files => emit('files', files, place))
      },
      onDropTargetChange: ({ location }) => {
        if (location.current.dropTargets.length === 0) hint.value = null
      },
    }),
  )
})
onBeforeUnmount(() => stop?.())
</script>

<template>
  <div
    v-if="hint"
    class="hint"
    :class="{ not: hint.not }"
    role="status"
    :style="{ left: `${hint.x + 14}px`, top: `${hint.y + 16}px` }">
    {{ hint.text }}
  </div>
</template>

<style scoped>
.hint {
  position: fixed;
  z-index: 3000;
  pointer-events: none;
  background: var(--hand);
  color: var(--on-hand);
  font-weight: 600;
  padding: 4px 10px;
  max-width: 360px;
}
.hint.not {
  background: var(--sheet);
  color: var(--ink-2);
  border: 1px solid var(--rule-strong);
  font-weight: 400;
}
</style>
