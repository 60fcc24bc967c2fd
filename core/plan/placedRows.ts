// Folders laid at an exact place among others: by drag, by keys, by dialog.

import { generateKeyBetween, generateNKeysBetween } from 'fractional-indexing'
import type { ErrorCode, ErrorDetails } from '../errors'
import type { FolderId } from '../ids'
import type { NumberedPlan, NumberedTree } from '../numbering/index'
import { codedName, joinCode, numberTree, PLAIN_NUMBERING } from '../numbering/index'
import type { FolderRow } from '../rows/index'
import { childrenOf, isInside } from '../tree/index'

export interface Place {
  readonly parentId: FolderId | null
  /** The sibling before which they stand; null: behind all. */
  readonly before: FolderId | null
}
export type Placed =
  | { readonly ok: true; readonly rows: readonly FolderRow[]; readonly codes: readonly string[] }
  | { readonly ok: false; readonly code: ErrorCode; readonly details: ErrorDetails }

/**
 * The rows that change when the folders are laid there, in the order given. Where numbers run in order
 * they follow; where they have gaps or are written down, the folders get numbers in between (25 between
 * 20 and 30). `numbered` may be handed in where it is known: only the siblings are numbered anew.
 * `number.noRoom` where there is none, `number.fixed` where a number is held fixed elsewhere.
 */
export function placedRows(
  plan: NumberedPlan,
  present: ReadonlyMap<string, FolderRow>,
  ids: readonly FolderId[],
  place: Place,
  locale: string,
  numbered = numberTree(plan, present.values(), locale),
): Placed {
  const moved = ids.flatMap(id => present.get(id) ?? [])
  for (const folder of moved)
    if (place.parentId !== null && isInside(numbered.tree, place.parentId, folder.id))
      return { ok: false, code: 'folder.intoItself', details: { name: folder.name } }
  const siblings = childrenOf(numbered.tree, place.parentId).filter(folder => !ids.includes(folder.id))
  const at = place.before === null ? siblings.length : siblings.findIndex(folder => folder.id === place.before)
  if (at < 0) return { ok: false, code: 'notFound', details: {} }
  const order = place.parentId === null ? plan.childOrder : (present.get(place.parentId)?.childOrder ?? 'number')
  const numbering =
    place.parentId === null ? plan.numbering : (numbered.codes.get(place.parentId)?.childNumbering ?? PLAIN_NUMBERING)
  const parentCode = place.parentId === null ? '' : (numbered.codes.get(place.parentId)?.code ?? '')
  /** The children of the place as they would stand, each as a top folder of a plan of its own. */
  const standing = (rows: readonly FolderRow[]) => {
    const changed = new Map(rows.map(row => [row.id, row]))
    return numberTree(
      { numbering, childOrder: order },
      [
        ...siblings.map(folder => changed.get(folder.id) ?? folder),
        ...moved.map(folder => changed.get(folder.id) ?? folder),
      ].map(folder => ({ ...folder, parentId: null })),
      locale,
    )
  }
  const placed = (rows: readonly FolderRow[]): Placed => {
    const { codes } = standing(rows)
    return { ok: true, rows, codes: ids.map(id => joinCode(parentCode, codes.get(id)?.code ?? '', numbering)) }
  }
  const stays = moved.every(folder => folder.parentId === place.parentId)
  if (order === 'name' || order === 'changed') {
    if (stays)
      return { ok: false, code: 'order.itself', details: { order: order === 'name' ? 'by name' : 'by last change' } }
    return placed(moved.map(folder => ({ ...folder, parentId: place.parentId })))
  }
  const keyed = keyedRows(siblings, moved, at, place.parentId)
  const running = keyed.map(row => (ids.includes(row.id) && !row.numberFixed ? { ...row, number: null } : row))
  if (order === 'hand') return placed(running)
  const wanted = [...siblings.slice(0, at), ...moved, ...siblings.slice(at)].map(folder => folder.id)
  const standsRight = (rows: readonly FolderRow[]) => {
    const after = childrenOf(standing(rows).tree, null)
    return wanted.every((id, index) => after[index]?.id === id)
  }
  if (numbering.step === 1 && standsRight(running)) return placed(running)
  const between = numbersBetween(siblings, moved, at, numbered, numbering)
  if (between) {
    const rows = mergeRows(keyed, between)
    if (standsRight(rows)) return placed(rows)
  }
  const fixed = moved.find(folder => folder.numberFixed)
  if (fixed) return { ok: false, code: 'number.fixed', details: { name: fixed.name, number: fixed.number ?? 0 } }
  const nameOf = (folder: FolderRow | undefined) =>
    folder ? codedName(numbered.codes.get(folder.id)?.code ?? '', folder.name) : 'the end'
  return {
    ok: false,
    code: 'number.noRoom',
    details: { before: nameOf(siblings[at - 1]), after: nameOf(siblings[at]), parentId: place.parentId },
  }
}

/**
 * The moved folders with keys of their new place; all siblings with new keys where theirs do not rise as they stand.
 */
function keyedRows(
  siblings: readonly FolderRow[],
  moved: readonly FolderRow[],
  at: number,
  parentId: FolderId | null,
): FolderRow[] {
  const [before, after] = [siblings[at - 1]?.orderKey ?? null, siblings[at]?.orderKey ?? null]
  const rises = siblings.every(
    (folder, index) => index === 0 || (siblings[index - 1]?.orderKey ?? '') < folder.orderKey,
  )
  if (rises) {
    const keys = generateNKeysBetween(before, after, moved.length)
    return moved.map((folder, index) => ({
      ...folder,
      parentId,
      orderKey: keys[index] ?? generateKeyBetween(before, after),
    }))
  }
  const all = [...siblings.slice(0, at), ...moved, ...siblings.slice(at)]
  const keys = generateNKeysBetween(null, null, all.length)
  return all.map((folder, index) => ({ ...folder, parentId, orderKey: keys[index] ?? folder.orderKey }))
}

/**
 * Siblings with the numbers they show written down, and the moved folders with numbers in between; null where none fit.
 */
function numbersBetween(
  siblings: readonly FolderRow[],
  moved: readonly FolderRow[],
  at: number,
  numbered: NumberedTree<FolderRow>,
  { start, step }: { start: number; step: number },
): FolderRow[] | null {
  const numberOf = (folder: FolderRow | undefined) => (folder ? (numbered.codes.get(folder.id)?.number ?? null) : null)
  const low = numberOf(siblings[at - 1])
  const high = numberOf(siblings[at])
  const count = moved.length
  const from = low ?? (high === null ? start - step : Math.max(-1, high - step * (count + 1)))
  const to = high ?? from + step * (count + 1)
  if (to - from - 1 < count) return null
  const given = moved.map((folder, index): FolderRow =>
    folder.numberFixed ? folder : { ...folder, number: from + Math.round(((to - from) * (index + 1)) / (count + 1)) },
  )
  const shown = siblings
    .filter(folder => folder.number === null && folder.numbered)
    .map((folder): FolderRow => ({ ...folder, number: numberOf(folder) }))
  return [...shown, ...given]
}

function mergeRows(keyed: readonly FolderRow[], numberedRows: readonly FolderRow[]): FolderRow[] {
  const rows = new Map(keyed.map(row => [row.id, row]))
  for (const row of numberedRows) rows.set(row.id, { ...(rows.get(row.id) ?? row), number: row.number })
  return [...rows.values()]
}
