import type { FolderId } from '../ids'
import type { Tree, TreeFolder } from '../tree/index'
import { buildTree, childrenOf } from '../tree/index'
import { naturalOrder } from './natural'
import type { ChildOrder, Numbering } from './numbering'
import { writeNumber } from './numbering'

export interface NumberedFolder extends TreeFolder {
  readonly name: string
  readonly orderKey: string
  readonly number: number | null
  readonly numbering: Numbering | null
  readonly childOrder: ChildOrder
}

export interface NumberedPlan {
  readonly numbering: Numbering
  readonly childOrder: ChildOrder
}

export interface Code {
  /** The full number, such as 2.3.1; empty when the folder is not numbered. */
  readonly code: string
  /** The number it has among its siblings, own or given by order. */
  readonly number: number
  /** How its own children are numbered, after inheritance. */
  readonly childNumbering: Numbering
}

export interface NumberedTree<F extends NumberedFolder> {
  /** The tree with all children in their order. */
  readonly tree: Tree<F>
  readonly codes: ReadonlyMap<FolderId, Code>
}

/**
 * Orders every folder's children and computes every code. Unnumbered folders take the number after
 * the sibling before them; then, in a folder ordered by number, they stand by number (equal numbers
 * keep their order).
 */
export function numberTree<F extends NumberedFolder>(plan: NumberedPlan, folders: Iterable<F>, locale: string): NumberedTree<F> {
  const raw = buildTree(folders)
  const children = new Map<FolderId | null, readonly F[]>()
  const codes = new Map<FolderId, Code>()
  const byName = naturalOrder(locale)
  const stack: { id: FolderId | null; code: string; numbering: Numbering; order: ChildOrder }[] = [
    { id: null, code: '', numbering: plan.numbering, order: plan.childOrder },
  ]
  for (let at = stack.pop(); at; at = stack.pop()) {
    const placed = placeChildren(childrenOf(raw, at.id), at.numbering, at.order, byName)
    children.set(at.id, placed.map(({ folder }) => folder))
    for (const { folder, number } of placed) {
      const code = joinCode(at.code, number, at.numbering)
      const childNumbering = folder.numbering ?? at.numbering
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

function placeChildren<F extends NumberedFolder>(
  folders: readonly F[], numbering: Numbering, order: ChildOrder, byName: (a: string, b: string) => number,
): { folder: F; number: number }[] {
  const inOrder = [...folders].sort(order === 'name'
    ? (a, b) => byName(a.name, b.name) || compareKeys(a.orderKey, b.orderKey)
    : (a, b) => compareKeys(a.orderKey, b.orderKey))
  let next = numbering.start
  const placed = inOrder.map((folder) => {
    const number = folder.number ?? next
    next = number + numbering.step
    return { folder, number }
  })
  return order === 'number' ? placed.sort((a, b) => a.number - b.number) : placed
}

function joinCode(parent: string, number: number, numbering: Numbering): string {
  const own = writeNumber(number, numbering.style)
  if (own === '' || !numbering.joined || parent === '') return own
  return `${parent}.${own}`
}

function compareKeys(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0
}
