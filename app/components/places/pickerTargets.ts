// What can be picked as a place: folders by what is typed; before anything is typed, what is suggested and where
// something went lately, then the outline. A folder that is missing can be made in the likeliest places.

import { computed } from 'vue'
import { quoted } from '../../../core/change/index'
import { findFolders } from '../../../core/find/index'
import type { FolderId } from '../../../core/ids'
import { isInside, outlineOf } from '../../../core/tree/index'
import { usePlaceNames } from '../../stores/placeNames'
import { usePlan } from '../../stores/plan'
import { useView } from '../../stores/view'

export interface PickerProps {
  /** What null stands for in the list; null: it is no place here. */
  readonly top: { readonly label: string; readonly not: string } | null
  /** Folders that are moved: nothing can go into them. */
  readonly moved: readonly FolderId[]
  readonly suggested: readonly { readonly folderId: FolderId; readonly share: number }[]
  /** Where a folder that is missing would be made first of all. */
  readonly parent: FolderId | null
}

export interface Target {
  readonly key: string
  readonly id: FolderId | null
  readonly label: string
  readonly depth: number
  readonly note: string
  /** Why it cannot be picked; empty: it can. */
  readonly not: string
  /** The name of the folder that is made in it first. */
  readonly makes?: string
}

const [OUTLINE_LIMIT, FOUND_LIMIT, RECENT_LIMIT, PARENT_LIMIT] = [200, 50, 4, 5]

export function usePickerTargets(props: PickerProps, typed: () => string) {
  const [plan, placeNames, view] = [usePlan(), usePlaceNames(), useView()]
  const known = (id: FolderId) => plan.tree.byId.has(id)
  const nowhere = (id: FolderId) =>
    props.moved.some(moved => isInside(plan.tree, id, moved)) ? 'lies in what is moved' : ''
  const textOf = (id: FolderId) => placeNames.placeOf(id)?.text ?? ''
  const row = (id: FolderId, note: string, depth = 0): Target => ({
    key: `${note}${id}`,
    id,
    label: textOf(id),
    depth,
    note,
    not: nowhere(id),
  })

  function found(text: string): Target[] {
    const ids = findFolders(placeNames.findable, text, FOUND_LIMIT).map(({ id }) => id)
    // Who types the number of a folder wants to go there.
    const isCode = ids.some(id => placeNames.codeOf(id) === text)
    return [...ids.map(id => row(id, '')), ...(isCode ? [] : newFolders(text))]
  }

  /** The folder typed, where it could be made. */
  function newFolders(name: string): Target[] {
    const recent = view.saved.recent as FolderId[]
    const likely = [
      props.parent,
      ...props.suggested.map(({ folderId }) => folderId),
      null,
      ...recent.map(id => plan.tree.byId.get(id)?.parentId ?? null),
      ...recent,
    ]
    const parents = [...new Set(likely)]
      .filter(id => id === null || (known(id) && nowhere(id) === ''))
      .slice(0, PARENT_LIMIT)
    return parents.map(id => ({
      key: `new ${id}`,
      id,
      label: `New folder ${quoted(name)}`,
      depth: 0,
      note: id === null ? 'at the top of the plan' : `in ${textOf(id)}`,
      not: '',
      makes: name,
    }))
  }

  function beforeTyping(): Target[] {
    const suggested = props.suggested.filter(({ folderId }) => known(folderId))
    const recent = (view.saved.recent as FolderId[])
      .filter(id => known(id) && !suggested.some(({ folderId }) => folderId === id))
      .slice(0, RECENT_LIMIT)
    const top: Target[] = props.top
      ? [{ key: 'top', id: null, label: props.top.label, depth: 0, note: '', not: props.top.not }]
      : []
    return [
      ...suggested.map(({ folderId, share }) => row(folderId, `suggested, ${Math.min(99, Math.round(share * 100))} %`)),
      ...recent.map(id => row(id, 'lately')),
      ...top,
      ...outlineOf(plan.tree)
        .slice(0, OUTLINE_LIMIT)
        .map(({ folder, depth }) => row(folder.id, '', depth)),
    ]
  }

  return computed<readonly Target[]>(() => {
    const text = typed().trim()
    return text === '' ? beforeTyping() : found(text)
  })
}
