// How places are named, numbered and coloured wherever one is mentioned.

import { defineStore } from 'pinia'
import { computed } from 'vue'
import { meaningOf, stripesOf } from '../../core/colour/index'
import type { FolderId } from '../../core/ids'
import { codedName, naturalOrder } from '../../core/numbering/index'
import { pathOf } from '../../core/tree/index'
import { useColourKey } from './colourKey'
import { usePlan } from './plan'

export interface Place {
  readonly code: string
  readonly name: string
  readonly text: string
  readonly ink: string | null
  /** Background for its colour, with the gaps of its pattern. */
  readonly laid: string | null
}

export const usePlaceNames = defineStore('placeNames', () => {
  const [plan, colourKey] = [usePlan(), useColourKey()]

  /** Every folder with its code, in the order of codes, for a field that finds one while typing. */
  const findable = computed(() =>
    [...plan.tree.byId.values()]
      .map(folder => ({ id: folder.id, name: folder.name, folded: folder.folded, code: codeOf(folder.id) }))
      .sort((a, b) => naturalOrder('en')(a.code, b.code)),
  )

  function codeOf(id: FolderId): string {
    return plan.numbered.codes.get(id)?.code ?? ''
  }

  /** How a place is named and coloured; null is the In-tray. A folder that is gone (or in the Trash) gives null. */
  function placeOf(id: FolderId | null): Place | null {
    if (id === null) return { code: '', name: 'In-tray', text: 'In-tray', ink: null, laid: null }
    const folder = plan.tree.byId.get(id)
    if (!folder) return null
    const code = codeOf(id)
    const meaning = meaningOf(plan.tree, id)
    return {
      code,
      name: folder.name,
      text: codedName(code, folder.name),
      ink: colourKey.inkOf(meaning),
      laid: colourKey.laidOf(meaning),
    }
  }

  /** The names down to the folder: "Quay office › Berth leases › 2026", which its code does not say. */
  function pathText(id: FolderId | null): string {
    return id === null
      ? 'In-tray'
      : pathOf(plan.tree, id)
          .map(folder => folder.name)
          .join(' › ')
  }

  /** Backgrounds of the stripes, from the top folder down to this one. */
  function stripes(id: FolderId): (string | null)[] {
    return stripesOf(plan.tree, id).map(colourKey.laidOf)
  }

  /** The folder with this code, as an address or a person writes it; null where there is none. */
  function withCode(code: string): FolderId | null {
    const wanted = code.trim().toLowerCase()
    return wanted === '' ? null : (findable.value.find(folder => folder.code.toLowerCase() === wanted)?.id ?? null)
  }

  return { findable, codeOf, withCode, placeOf, pathText, stripes }
})
