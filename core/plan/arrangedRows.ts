// Renumbering and ordering the children of a folder, and of all below it: the rows that change. The
// preview in the page and the Change on the server come from here.

import { generateNKeysBetween } from 'fractional-indexing'
import { dateIn } from '../dates/index'
import type { FolderId } from '../ids'
import type { ChildOrder, Numbering, NumberedPlan } from '../numbering/index'
import { naturalOrder, numberTree, sameNumbering } from '../numbering/index'
import type { FolderRow } from '../rows/index'
import { branchOf, childrenOf, outlineOf } from '../tree/index'

export const RENUMBER_MODES = ['keep', 'close', 'spread', 'name', 'dates'] as const
/**
 * keep: the present numbers are written down; close: without gaps; spread: in tens; name, dates: in the order of the
 * names, of the dates in them.
 */
export type RenumberMode = (typeof RENUMBER_MODES)[number]

export interface Arrangement {
  /** null: the top folders. */
  readonly id: FolderId | null
  /** How the children are numbered; null: as the folder itself is. */
  readonly numbering: Numbering | null
  readonly order: ChildOrder
  readonly renumber: RenumberMode | null
  /** Renumbers everything below as well. */
  readonly deep: boolean
}

export interface Arranged {
  readonly plan: NumberedPlan
  readonly folders: readonly FolderRow[]
}

/** Folders with a number held fixed keep it whatever is asked. */
export function arrangedRows(
  plan: NumberedPlan,
  present: readonly FolderRow[],
  arrangement: Arrangement,
  locale: string,
): Arranged {
  const { id, numbering, order, renumber, deep } = arrangement
  let next = id === null ? { ...plan, numbering: numbering ?? plan.numbering, childOrder: order } : plan
  const rows = new Map(present.map(row => [row.id, row.id === id ? { ...row, numbering, childOrder: order } : row]))
  if (renumber === null) return { plan: next, folders: [...rows.values()] }
  const { tree, codes } = numberTree(next, rows.values(), locale)
  const parents: readonly (FolderId | null)[] = !deep
    ? [id]
    : id === null
      ? [null, ...outlineOf(tree).map(({ folder }) => folder.id)]
      : branchOf(tree, id).map(folder => folder.id)
  const put = (row: FolderRow, patch: Partial<FolderRow>) =>
    rows.set(row.id, { ...(rows.get(row.id) ?? row), ...patch })
  for (const parent of parents) {
    const children = childrenOf(tree, parent)
    if (children.length === 0) continue
    const used = parent === null ? next.numbering : (codes.get(parent)?.childNumbering ?? next.numbering)
    const scheme =
      renumber === 'close'
        ? { ...used, step: 1, start: used.step > 1 ? 1 : used.start }
        : renumber === 'spread'
          ? { ...used, step: 10, start: 10 }
          : used
    // What is below inherits it; only a folder with a numbering of its own needs another one.
    const row = parent === null ? undefined : rows.get(parent)
    if (parent === null) next = { ...next, numbering: scheme }
    else if (row && !sameNumbering(scheme, used) && (parent === id || row.numbering !== null))
      put(row, { numbering: scheme })
    const inOrder =
      renumber === 'name' ? byName(children, locale) : renumber === 'dates' ? byDate(children, locale) : children
    const keys = inOrder === children ? null : generateNKeysBetween(null, null, inOrder.length)
    inOrder.forEach((row, index) => {
      const number = row.numberFixed
        ? row.number
        : renumber === 'keep' && row.numbered
          ? (codes.get(row.id)?.number ?? null)
          : null
      put(row, { number, ...(keys ? { orderKey: keys[index] ?? row.orderKey } : {}) })
    })
  }
  return { plan: next, folders: [...rows.values()] }
}

function byName(rows: readonly FolderRow[], locale: string): FolderRow[] {
  const order = naturalOrder(locale)
  return [...rows].sort((a, b) => order(a.name, b.name))
}

/** Those without a date stand last, by name. */
function byDate(rows: readonly FolderRow[], locale: string): FolderRow[] {
  const order = naturalOrder(locale)
  const dates = new Map(rows.map(row => [row.id, dateIn(row.name) ?? '9999']))
  const compare = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0)
  return [...rows].sort((a, b) => compare(dates.get(a.id) ?? '', dates.get(b.id) ?? '') || order(a.name, b.name))
}
