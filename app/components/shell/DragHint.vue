<script setup lang="ts">
// What a drop would do, and where, in words beside the pointer before the drop; and the drop itself.
import { monitorForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter'
import { monitorForExternal } from '@atlaskit/pragmatic-drag-and-drop/external/adapter'
import { combine } from '@atlaskit/pragmatic-drag-and-drop/combine'
import { onBeforeUnmount, onMounted, ref } from 'vue'
import type { Drop } from '../../../core/drop/index'
import type { FolderId } from '../../../core/ids'
import type { Dragged, HeldOn } from '../../composables/useDrag'
import { heldOn, isDragged } from '../../composables/useDrag'
import { filesWithPaths } from '../../composables/droppedFiles'
import { useDropping } from '../../composables/useDropping'
import { dropText, placeText } from '../../stores/dropTexts'
import type { DroppedFile } from '../../stores/uploadQuestions'

const emit = defineEmits<{ files: [files: DroppedFile[], to: FolderId | null] }>()

const hint = ref<{ text: string; x: number; y: number; not: boolean } | null>(null)
const { decide, carryOut } = useDropping()

let known: { key: string; drop: Drop } | null = null

/** Worked out once for each place, not for each movement of the pointer. */
function decideOnce(dragged: Dragged, held: HeldOn | null, asWell: boolean): Drop {
  const key = JSON.stringify([dragged.folderIds, dragged.documentIds, held, asWell])
  if (known?.key !== key) known = { key, drop: decide(dragged, held, asWell) }
  return known.drop
}

let stop: (() => void) | null = null
onMounted(() => {
  stop = combine(
    monitorForElements({
      canMonitor: ({ source }) => isDragged(source.data),
      onDragStart: () => {
        known = null // the plan may have changed since the last one
      },
      onDrag: ({ source, location: { current } }) => {
        if (!isDragged(source.data)) return
        const { dragged } = source.data
        const { clientX, clientY, ctrlKey } = current.input
        const drop = decideOnce(dragged, heldOn(current.dropTargets), ctrlKey)
        hint.value = { text: dropText(drop, dragged), not: drop.kind === 'refused', x: clientX, y: clientY }
      },
      onDrop: ({ source, location: { current } }) => {
        hint.value = null
        if (!isDragged(source.data)) return
        const { dragged } = source.data
        carryOut(dragged, decide(dragged, heldOn(current.dropTargets), current.input.ctrlKey))
      },
    }),
    monitorForExternal({
      onDrag: ({ location }) => {
        const { clientX, clientY } = location.current.input
        const held = heldOn(location.current.dropTargets)
        hint.value =
          held?.kind === 'folder'
            ? { text: `Bring the files into ${placeText(held.id)}`, x: clientX, y: clientY, not: false }
            : null
      },
      onDrop: ({ source, location }) => {
        hint.value = null
        const held = heldOn(location.current.dropTargets)
        if (held?.kind === 'folder') void filesWithPaths(source.items).then(files => emit('files', files, held.id))
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
