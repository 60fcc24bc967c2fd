// Dragging folders, documents and files from the desktop onto places. What would happen is worked
// out before the drop and shown beside the pointer (DragHint.vue).

import { combine } from '@atlaskit/pragmatic-drag-and-drop/combine'
import { draggable, dropTargetForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter'
import { disableNativeDragPreview } from '@atlaskit/pragmatic-drag-and-drop/element/disable-native-drag-preview'
import { dropTargetForExternal } from '@atlaskit/pragmatic-drag-and-drop/external/adapter'
import { containsFiles } from '@atlaskit/pragmatic-drag-and-drop/external/file'
import type { Ref } from 'vue'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { canGather } from '../../core/drop/index'
import type { DocumentId, FolderId } from '../../core/ids'
import type { Things } from '../../core/plan/index'

export interface Dragged extends Things {
  readonly fromFolderId: FolderId | null
  /** For one thing its name, else empty. */
  readonly name: string
  /** Of one document: what it is when it is dropped on the desktop. */
  readonly file?: { readonly name: string; readonly address: string }
}

/** Where on a row of the outline something is held: between rows (before, after) or on it. */
export type Zone = 'before' | 'into' | 'after'

/** An element, or a part that is one, as template refs hold them. */
type Held = HTMLElement | { readonly $el: HTMLElement } | null
const nodeOf = (held: Held) => (held === null || held instanceof HTMLElement ? held : held.$el)

const dragging = ref(false)

/** True while things of the plan are dragged. */
export function useDragging(): Readonly<Ref<boolean>> {
  return dragging
}

const OPEN_AFTER_MS = 600

/** What something is held on; `zone` says where on a row of the outline. */
export type HeldOn =
  | { readonly kind: 'hand' }
  | { readonly kind: 'folder'; readonly id: FolderId | null; readonly zone: Zone }
  | { readonly kind: 'document'; readonly id: DocumentId; readonly folderId: FolderId }

type Data = Readonly<Record<string | symbol, unknown>>
const isHeldOn = (data: Data): data is { readonly held: HeldOn } => 'held' in data

/** The innermost that is meant; null: none. */
export function heldOn(targets: readonly { readonly data: Data }[]): HeldOn | null {
  const data = targets[0]?.data
  return data && isHeldOn(data) ? data.held : null
}

export function isDragged(data: Data): data is Readonly<Record<string, unknown>> & { dragged: Dragged } {
  return 'dragged' in data
}

/** Makes the element something that can be dragged. */
export function useDragSource(element: Ref<HTMLElement | null>, dragged: () => Dragged | null): void {
  attach(element, node =>
    draggable({
      element: node,
      canDrag: () => dragged() !== null,
      getInitialData: () => ({ dragged: dragged() }),
      getInitialDataForExternal: () => desktopData(dragged()?.file),
      onDragStart: () => {
        dragging.value = true
      },
      onDrop: () => {
        dragging.value = false
      },
      onGenerateDragPreview: ({ nativeSetDragImage }) => disableNativeDragPreview({ nativeSetDragImage }),
    }),
  )
}

/**
 * Makes the element a place onto which things and files can be dropped; `held` is called when something
 * is held over it for a moment. With `zones`, folders can also be laid right before or behind it.
 */
export function useDropPlace(
  element: Ref<Held>,
  place: () => FolderId | null,
  held: () => void = () => {},
  { zones = false } = {},
): { isOver: Ref<boolean>; zone: Ref<Zone> } {
  const isOver = ref(false)
  const zone = ref<Zone>('into')
  let timer: ReturnType<typeof setTimeout> | null = null
  const enter = () => {
    isOver.value = true
    timer ??= setTimeout(held, OPEN_AFTER_MS)
  }
  const leave = () => {
    isOver.value = false
    if (timer) clearTimeout(timer)
    timer = null
  }
  const zoneAt = (clientY: number, data: Readonly<Record<string | symbol, unknown>>): Zone => {
    const box = nodeOf(element.value)?.getBoundingClientRect()
    if (!zones || !box || !isDragged(data) || data.dragged.documentIds.length > 0) return 'into'
    const share = (clientY - box.top) / box.height
    return share < 0.28 ? 'before' : share > 0.72 ? 'after' : 'into'
  }
  const target = { onDragEnter: enter, onDragLeave: leave, onDrop: leave }
  attach(element, node =>
    combine(
      dropTargetForElements({
        element: node,
        canDrop: ({ source }) => isDragged(source.data),
        getData: ({ input, source }) => {
          const now = zoneAt(input.clientY, source.data)
          if (now !== zone.value && isOver.value) {
            leave()
            enter()
          }
          zone.value = now
          return { held: { kind: 'folder', id: place(), zone: zone.value } satisfies HeldOn }
        },
        ...target,
      }),
      dropTargetForExternal({
        element: node,
        canDrop: containsFiles,
        getData: () => ({ held: { kind: 'folder', id: place(), zone: 'into' } satisfies HeldOn }),
        ...target,
      }),
    ),
  )
  return { isOver, zone }
}

/**
 * Makes the element a document onto which others can be dropped, for a new folder in the one they are looked at in; in
 * lists from many places it is none.
 */
export function useDropOnDocument(
  element: Ref<HTMLElement | null>,
  document: () => { readonly id: DocumentId; readonly folderId: FolderId | null },
): Ref<boolean> {
  const isOver = ref(false)
  const leave = () => {
    isOver.value = false
  }
  attach(element, node =>
    dropTargetForElements({
      element: node,
      canDrop: ({ source: { data } }) =>
        isDragged(data) && document().folderId !== null && canGather(data.dragged, document().id),
      getData: () => ({ held: { kind: 'document', ...document() } }),
      onDragEnter: () => {
        isOver.value = true
      },
      onDragLeave: leave,
      onDrop: leave,
    }),
  )
  return isOver
}

/** Browsers that can make a file on the desktop of what is dragged out; the others are given its address. */
function desktopData(file: Dragged['file']): Record<string, string> {
  if (!file) return {}
  const address = new URL(file.address, window.location.href).href
  return { DownloadURL: `application/octet-stream:${file.name}:${address}`, 'text/uri-list': address }
}

function attach(element: Ref<Held>, join: (node: HTMLElement) => () => void): void {
  let undo: (() => void) | null = null
  const detach = () => {
    undo?.()
    undo = null
  }
  const set = () => {
    detach()
    const node = nodeOf(element.value)
    if (node) undo = join(node)
  }
  onMounted(set)
  watch(element, set)
  onBeforeUnmount(detach)
}
