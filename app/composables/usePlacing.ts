// Laying folders at an exact place: where a drag or a key means, and doing it.

import type { FolderId } from '../../core/ids'
import type { Place } from '../../core/plan/index'
import { childrenOf } from '../../core/tree/index'
import { useActs } from '../stores/acts'
import { useDialogs } from '../stores/dialogs'
import { usePlan } from '../stores/plan'
import { useView } from '../stores/view'

export function usePlacing() {
  const [plan, acts, dialogs, view] = [usePlan(), useActs(), useDialogs(), useView()]

  const siblings = (parentId: FolderId | null) => childrenOf(plan.tree, parentId)

  /** Right before or behind a folder. */
  function beside(id: FolderId, side: 'before' | 'after'): Place | null {
    const folder = plan.tree.byId.get(id)
    if (!folder) return null
    if (side === 'before') return { parentId: folder.parentId, before: id }
    const all = siblings(folder.parentId)
    return { parentId: folder.parentId, before: all[all.findIndex(one => one.id === id) + 1]?.id ?? null }
  }

  /**
   * What a key asks for: up, down, out (behind its parent), in (into the folder above it); null where there is no such
   * place.
   */
  function byKey(id: FolderId, key: string): Place | null {
    const folder = plan.tree.byId.get(id)
    if (!folder) return null
    const all = siblings(folder.parentId)
    const at = all.findIndex(one => one.id === id)
    const above = all[at - 1]
    switch (key) {
      case 'ArrowUp':
        return above ? { parentId: folder.parentId, before: above.id } : null
      case 'ArrowDown':
        return at < all.length - 1 ? { parentId: folder.parentId, before: all[at + 2]?.id ?? null } : null
      case 'ArrowLeft':
        return folder.parentId === null ? null : beside(folder.parentId, 'after')
      case 'ArrowRight':
        return above ? { parentId: above.id, before: null } : null
      default:
        return null
    }
  }

  /** Lays them there; where no number is left, renumbering is offered. */
  async function lay(ids: readonly FolderId[], place: Place): Promise<void> {
    const outcome = await acts.act({ kind: 'folder.place', ids, ...place, allowTwin: false })
    if (outcome.ok && place.parentId !== null) view.setOpen([place.parentId], true)
    // The dialog takes a second word for it, as after every move.
    if (!outcome.ok && outcome.reason.code === 'name.twin')
      dialogs.move = {
        folderIds: ids,
        documentIds: [],
        fromFolderId: null,
        name: ids.length === 1 ? (plan.tree.byId.get(ids[0] ?? ('' as FolderId))?.name ?? '') : '',
      }
    if (!outcome.ok && outcome.reason.code === 'number.noRoom')
      dialogs.numbering = { folderId: place.parentId, renumber: 'spread' }
  }

  return { beside, byKey, lay }
}
