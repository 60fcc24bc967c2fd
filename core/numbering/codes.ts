import type { FolderId } from '../ids'
import type { Tree, TreeFolder } from '../tree/index'
import { buildTree, childrenOf } from '../tree/index'
import { naturalOrder } from './natural'
import type { ChildOrder, Numbering } from './numbering'
import { inheritedNumbering, writeNumber } from './numbering'

export interface NumberedFolder extends TreeFolder {
  readonly name: string
  readonly orderKey: string
  readonly number: number | null
  /** Own text in place of the number. */
  readonly label?: string | null
  /** False: it has no number and takes none from its siblings. */
  readonly numbered?: boolean
  /** Kept before its siblings. */
  readonly first?: boolean
  readonly numbering: Numbering | null
  readonly childOrder: ChildOrder
  readonly changedAt?: string
}

export interface NumberedPlan {
  readonly numbering: Numbering
  readonly childOrder: ChildOrder
}

interface Code {
  /** The full number, such as 2.3.1; empty when the folder is not numbered. */
  readonly code: string
  /** The number it has among its siblings, own or given by order; null when it is left out. */
  readonly number: number | null
  /** How its own children are numbered, after inheritance. */
  readonly childNumbering: Numbering
}

export interface NumberedTree<F extends NumberedFolder> {
  /** The tree with all children in their order. */
  readonly tree: Tree<F>
  readonly codes: ReadonlyMap<FolderId, Code>
}

/**
 * Orders every folder's children and computes every code. A folder without an own number takes the
 * next one after the sibling before it that no sibling has; where two hold the same own number, the
 * first keeps it. Folders that are left out of the numbers follow by name. Then, in a folder ordered
 * by number, children stand by number.
 */
export function numberTree<F extends NumberedFolder>(
  plan: NumberedPlan,
  folders: Iterable<F>,
  locale: string,
): NumberedTree<F> {
  const raw = buildTree(folders)
  const children = new Map<FolderId | null, readonly F[]>()
  const codes = new Map<FolderId, Code>()
  const byName = naturalOrder(locale)
  const stack: { id: FolderId | null; code: string; numbering: Numbering; order: ChildOrder }[] = [
    { id: null, code: '', numbering: plan.numbering, order: plan.childOrder },
  ]
  for (let at = stack.pop(); at; at = stack.pop()) {
    const placed = placeChildren(childrenOf(raw, at.id), at.numbering, at.order, byName)
    children.set(
      at.id,
      placed.map(({ folder }) => folder),
    )
    for (const { folder, number } of placed) {
      const code = joinCode(at.code, ownCode(folder, number, at.numbering), at.numbering)
      // Below a folder without a number nothing is numbered, unless it says so.
      const childNumbering =
        folder.numbering ?? (number === null ? { ...at.numbering, style: 'none' } : inheritedNumbering(at.numbering))
      codes.set(folder.id, { code, number, childNumbering })
      stack.push({ id: folder.id, code, numbering: childNumbering, order: folder.childOrder })
    }
  }
  return { tree: { byId: raw.byId, children, faults: raw.faults }, codes }
}

/** "2.3 Handouts", or only the name when it has no code. */
export function codedName(code: string, name: string): string {
  return code === '' ? name : `${code} ${name}`
}

interface Placed<F> {
  readonly folder: F
  readonly number: number | null
}

function placeChildren<F extends NumberedFolder>(
  folders: readonly F[],
  numbering: Numbering,
  order: ChildOrder,
  byName: (a: string, b: string) => number,
): readonly Placed<F>[] {
  const byKey = (a: F, b: F) => compareKeys(a.orderKey, b.orderKey)
  const named = (a: F, b: F) => byName(a.name, b.name) || byKey(a, b)
  const inOrder = folders.length > 1 ? [...folders].sort(order === 'name' ? named : byKey) : folders
  const allNumbered = inOrder.every(isNumbered)
  const placed: Placed<F>[] = giveNumbers(allNumbered ? inOrder : inOrder.filter(isNumbered), numbering)
  if (
    order === 'number' &&
    placed.some(({ number }, index) => index > 0 && (number ?? 0) < (placed[index - 1]?.number ?? 0))
  )
    placed.sort((a, b) => (a.number ?? 0) - (b.number ?? 0))
  const all = allNumbered
    ? placed
    : withLeftOut(
        placed,
        inOrder.filter(folder => !isNumbered(folder)),
        order === 'hand' ? byKey : null,
        named,
      )
  // By last change is how they stand, not how they are numbered: a number does not move because something was read.
  if (order === 'changed')
    all.sort((a, b) => compareKeys(b.folder.changedAt ?? '', a.folder.changedAt ?? '') || byKey(a.folder, b.folder))
  return all.some(({ folder }) => folder.first)
    ? [...all.filter(({ folder }) => folder.first), ...all.filter(({ folder }) => !folder.first)]
    : all
}

/** Folders without a number stand behind the others by name; where children lie by hand, at their place. */
function withLeftOut<F extends NumberedFolder>(
  placed: readonly Placed<F>[],
  leftOut: readonly F[],
  byHand: ((a: F, b: F) => number) | null,
  named: (a: F, b: F) => number,
): Placed<F>[] {
  const out = leftOut.map((folder): Placed<F> => ({ folder, number: null }))
  if (byHand) return [...placed, ...out].sort((a, b) => byHand(a.folder, b.folder))
  return [...placed, ...out.sort((a, b) => named(a.folder, b.folder))]
}

function isNumbered(folder: NumberedFolder): boolean {
  return folder.numbered ?? true
}

function giveNumbers<F extends NumberedFolder>(
  folders: readonly F[],
  { start, step, skip = [] }: Numbering,
): Placed<F>[] {
  if (skip.length === 0 && folders.every(folder => folder.number === null))
    return folders.map((folder, index) => ({ folder, number: start + index * step }))
  const owners = new Map<number, F>()
  for (const folder of folders)
    if (folder.number !== null && !owners.has(folder.number)) owners.set(folder.number, folder)
  const used = new Set([...owners.keys(), ...skip])
  let next = start
  return folders.map(folder => {
    let number = folder.number ?? next
    if (folder.number === null || owners.get(folder.number) !== folder) while (used.has(number)) number += step
    used.add(number)
    next = number + step
    return { folder, number }
  })
}

function ownCode(folder: NumberedFolder, number: number | null, numbering: Numbering): string {
  if (number === null) return ''
  return folder.label ?? writeNumber(number, numbering)
}

/** A folder's code: its parent's, the joint, its own. */
export function joinCode(parent: string, own: string, numbering: Numbering): string {
  if (own === '' || !numbering.joined || parent === '') return own
  return `${parent}${numbering.joint ?? '.'}${own}`
}

function compareKeys(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0
}
