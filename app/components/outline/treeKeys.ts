// The keys of the outline: they walk through it, open and close, and hand on what is not theirs.

import type { ComputedRef, Ref } from 'vue'
import type { FolderId } from '../../../core/ids'
import { childrenOf } from '../../../core/tree/index'
import type { OUTLINE_KEYS } from '../../composables/outlineKeys'
import { takeKey } from '../../composables/useShortcuts'
import { usePlan } from '../../stores/plan'
import { useView } from '../../stores/view'

export interface TreeInView {
  readonly scroller: Readonly<Ref<HTMLElement | null>>
  readonly rows: ComputedRef<readonly { readonly folder: { readonly id: FolderId } }[]>
  readonly indexOf: ComputedRef<ReadonlyMap<FolderId, number>>
  readonly focused: Ref<FolderId | null>
  readonly reveal: (id: FolderId) => void
  readonly go: (id: FolderId) => void
  readonly rename: (id: FolderId) => void
  /** Alt with an arrow: the folder itself is laid elsewhere. */
  readonly lay: (id: FolderId, key: string) => void
  /** Any other key, while the keys walk through the outline. */
  readonly act: (event: KeyboardEvent, id: FolderId) => void
}

export function useTreeKeys(tree: TreeInView) {
  const [plan, view] = [usePlan(), useView()]
  // Letters and Delete act on a folder here only while the keys walk through it: after a click they belong to its page.
  let hasKeyFocus = false
  const twist = (id: FolderId): void => view.setOpen([id], !view.open.has(id))

  function focusAt(index: number): void {
    const rows = tree.rows.value
    const row = rows[Math.max(0, Math.min(rows.length - 1, index))]
    if (!row) return
    tree.focused.value = row.folder.id
    tree.reveal(row.folder.id)
  }

  function doings(id: FolderId): Record<keyof typeof OUTLINE_KEYS, () => void> {
    const at = tree.indexOf.value.get(id) ?? 0
    const parentId = plan.tree.byId.get(id)?.parentId ?? null
    const hasChildren = childrenOf(plan.tree, id).length > 0
    const isOpen = view.open.has(id)
    return {
      ArrowDown: () => focusAt(at + 1),
      ArrowUp: () => focusAt(at - 1),
      Home: () => focusAt(0),
      End: () => focusAt(tree.rows.value.length - 1),
      ArrowRight: () => {
        if (hasChildren && !isOpen) twist(id)
        else if (hasChildren) focusAt(at + 1)
      },
      ArrowLeft: () => {
        if (hasChildren && isOpen) twist(id)
        else if (parentId !== null) focusAt(tree.indexOf.value.get(parentId) ?? at)
      },
      Enter: () => tree.go(id),
      F2: () => tree.rename(id),
    }
  }

  function press(event: KeyboardEvent): void {
    const id = tree.focused.value ?? tree.rows.value[0]?.folder.id
    if (id === undefined || event.target !== tree.scroller.value) return
    if (event.altKey && event.key.startsWith('Arrow')) {
      takeKey(event)
      tree.lay(id, event.key)
      return
    }
    const isHeld = event.ctrlKey || event.metaKey || event.altKey
    const run = isHeld ? undefined : new Map<string, () => void>(Object.entries(doings(id))).get(event.key)
    if (!run) {
      if (event.ctrlKey || event.metaKey) hasKeyFocus = hasKeyFocus && !/^a$/i.test(event.key)
      if (hasKeyFocus) tree.act(event, id)
      return
    }
    hasKeyFocus = true
    takeKey(event)
    run()
  }

  function click(id: FolderId): void {
    hasKeyFocus = false
    tree.focused.value = id
    tree.go(id)
  }

  return { press, click, twist }
}
