// What applying a draft would do: worked out before anything happens, line by line and in sum.

import type { FolderId, MeaningId } from '../ids'
import type { NumberedPlan, NumberedTree } from '../numbering/index'
import { codedName, numberTree } from '../numbering/index'
import type { DraftedFolder } from '../plan/index'
import { draftedRows, removedFolders } from '../plan/index'
import type { FolderRow } from '../rows/index'
import { foldedText } from '../text/index'
import type { Tree } from '../tree/index'
import { childrenOf } from '../tree/index'
import type { DraftRow, LineState } from './draftRow'
import type { DraftFault, DraftFolder, DraftLine } from './grow'
import { growDraft } from './grow'
import { matchLost } from './matchLost'
import type { PeriodOf } from './period'
import { periodLikes } from './periodLikes'
import { markReordered, siblingPlaces } from './reordered'

export interface PresentPlan {
  readonly plan: NumberedPlan
  /** The live folders. */
  readonly folders: readonly FolderRow[]
  readonly meanings: readonly { readonly id: MeaningId; readonly name: string }[]
  /** Documents directly in a folder, by its id. */
  readonly counts: Readonly<Record<string, number>>
  readonly locale: string
  /** What numberTree gives of plan and folders, where it is known already. */
  readonly numbered?: NumberedTree<FolderRow>
}

export interface RemovedRow {
  readonly id: FolderId
  readonly text: string
  readonly documents: number
}

export interface Difference {
  readonly rows: readonly DraftRow[]
  readonly drafted: readonly DraftedFolder[]
  readonly removed: readonly RemovedRow[]
  readonly newMeanings: readonly { readonly id: MeaningId; readonly name: string }[]
  readonly counts: Readonly<Record<LineState | 'kept' | 'removed', number>>
  /** Levels of the deepest folder, from the top of the plan. */
  readonly deepest: number
  readonly faults: readonly DraftFault[]
  readonly makes: ReadonlyMap<number, number>
  readonly tree: Tree<FolderRow>
  readonly codes: ReadonlyMap<string, string>
}

export interface DifferenceOptions {
  /** Replaces the numbering of the root's children. */
  readonly numbering?: NumberedPlan['numbering'] | null
  /** Every line is a new folder beside what the root holds already. */
  readonly additive?: boolean
  /** It is the next period of this branch. */
  readonly period?: PeriodOf | null
}

/** `newId` gives the ids of new folders and meanings. */
export function draftDifference(
  present: PresentPlan,
  rootId: FolderId | null,
  lines: readonly DraftLine[],
  newId: (kind: 'folder' | 'meaning', index: number) => string,
  { numbering = null, additive = false, period = null }: DifferenceOptions = {},
): Difference {
  const { folders, makes, faults } = growDraft(lines)
  const before = present.numbered ?? numberTree(present.plan, present.folders, present.locale)
  const ids = additive ? [] : matchLost(folders, before.tree, rootId)
  const { meaningIds, newMeanings } = meaningsOf(folders, present, newId)
  const likes = periodLikes(folders, ids, before.tree, period)
  const drafted = folders.map((folder, index): DraftedFolder => ({
    id: ids[index] ?? (newId('folder', index) as FolderId),
    parent: folder.parent,
    name: folder.name,
    number: folder.number,
    label: folder.label,
    numbered: folder.numbered,
    meaningId:
      folder.meaning === null
        ? null
        : (ownMeaning(folder.meaning, before.tree.byId.get(ids[index] ?? ('' as FolderId)), present) ??
          meaningIds.get(foldedText(folder.meaning)) ??
          null),
    purpose: folder.purpose,
    ...(likes[index] ? { likeId: likes[index] } : {}),
  }))
  const byId = before.tree.byId
  const rows = draftedRows(byId, id => childrenOf(before.tree, id).map(folder => folder.id), rootId, drafted, '', {
    additive,
  })
  const gone = additive ? [] : removedFolders(before.tree, rootId, new Set(drafted.map(folder => folder.id)))
  const after = numberTree(
    planAfter(present, rootId, numbering),
    foldersAfter(present, rows, gone, rootId, numbering),
    present.locale,
  )
  const place = siblingPlaces(before.tree)
  const draftRows = rows.map((row, index): DraftRow => {
    const was = byId.get(row.id)
    const folder = folders[index]
    const [code, codeBefore] = [after.codes.get(row.id)?.code ?? '', before.codes.get(row.id)?.code ?? '']
    const text = was ? codedName(codeBefore, was.name) : null
    // What lies below a folder with another number has not got another number itself.
    const isRenumbered =
      before.codes.get(row.id)?.number !== after.codes.get(row.id)?.number ||
      was?.label !== row.label ||
      was.numbered !== row.numbered
    return {
      line: folder?.line ?? 0,
      id: row.id,
      parent: folder?.parent ?? -1,
      depth: folder?.depth ?? 0,
      name: row.name,
      code,
      meaning: folder?.meaning ?? null,
      states: was ? statesOf(was, row, isRenumbered) : ['new'],
      was: text !== null && text !== codedName(code, row.name) ? text : null,
    }
  })
  markReordered(draftRows, rows, byId, place)
  return {
    rows: draftRows,
    drafted,
    newMeanings,
    faults,
    makes,
    removed: gone.map(folder => ({
      id: folder.id,
      text: codedName(before.codes.get(folder.id)?.code ?? '', folder.name),
      documents: present.counts[folder.id] ?? 0,
    })),
    counts: countStates(draftRows, gone.length),
    deepest: deepestOf(after.tree, rows),
    tree: after.tree,
    codes: new Map([...after.codes].map(([id, { code }]) => [id, code])),
  }
}

function meaningsOf(
  folders: readonly DraftFolder[],
  present: PresentPlan,
  newId: (kind: 'folder' | 'meaning', index: number) => string,
): { meaningIds: Map<string, MeaningId>; newMeanings: { id: MeaningId; name: string }[] } {
  const meaningIds = new Map(present.meanings.map(meaning => [foldedText(meaning.name), meaning.id]))
  const newMeanings: { id: MeaningId; name: string }[] = []
  for (const { meaning } of folders) {
    if (meaning === null || meaningIds.has(foldedText(meaning))) continue
    const id = newId('meaning', newMeanings.length) as MeaningId
    meaningIds.set(foldedText(meaning), id)
    newMeanings.push({ id, name: meaning })
  }
  return { meaningIds, newMeanings }
}

/** The meaning that the folder carries already, where it has the name that is written: two may have the same one. */
function ownMeaning(written: string, folder: FolderRow | undefined, { meanings }: PresentPlan): MeaningId | null {
  const own = folder?.meaningId ? meanings.find(meaning => meaning.id === folder.meaningId) : undefined
  return own && foldedText(own.name) === foldedText(written) ? own.id : null
}

function planAfter(
  { plan }: PresentPlan,
  rootId: FolderId | null,
  numbering: NumberedPlan['numbering'] | null,
): NumberedPlan {
  return rootId === null && numbering ? { ...plan, numbering } : plan
}

function foldersAfter(
  present: PresentPlan,
  rows: readonly FolderRow[],
  gone: readonly FolderRow[],
  rootId: FolderId | null,
  numbering: NumberedPlan['numbering'] | null,
): FolderRow[] {
  const execute = new Set<string>([...rows.map(row => row.id), ...gone.map(folder => folder.id)])
  const others = present.folders.filter(folder => !execute.has(folder.id))
  return [...others.map(folder => (folder.id === rootId && numbering ? { ...folder, numbering } : folder)), ...rows]
}

function statesOf(was: FolderRow, row: FolderRow, codeChanged: boolean): LineState[] {
  const states: LineState[] = []
  if (was.name !== row.name) states.push('renamed')
  if (was.parentId !== row.parentId) states.push('moved')
  if (was.number !== row.number || was.label !== row.label || was.numbered !== row.numbered || codeChanged)
    states.push('renumbered')
  if (was.meaningId !== row.meaningId) states.push('recoloured')
  if (was.purpose !== row.purpose) states.push('described')
  return states
}

function countStates(rows: readonly DraftRow[], removed: number): Record<LineState | 'kept' | 'removed', number> {
  const counts = {
    new: 0,
    renamed: 0,
    moved: 0,
    reordered: 0,
    renumbered: 0,
    recoloured: 0,
    described: 0,
    kept: 0,
    removed,
  }
  for (const { states } of rows) {
    if (states.length === 0) counts.kept++
    for (const state of states) counts[state]++
  }
  return counts
}

function deepestOf(tree: Tree<FolderRow>, rows: readonly FolderRow[]): number {
  const depths = new Map<string, number>()
  let deepest = 0
  const depthOf = (id: FolderId | null): number => {
    if (id === null) return 0
    const known = depths.get(id)
    if (known !== undefined) return known
    depths.set(id, 0) // a circle ends here
    const depth = depthOf(tree.byId.get(id)?.parentId ?? null) + 1
    depths.set(id, depth)
    return depth
  }
  for (const row of rows) deepest = Math.max(deepest, depthOf(row.id))
  return deepest
}
