// What rules have to know of the plan: its folders and their colours, kept while the plan stands at the same revision.

import { meaningOf } from '../../../core/colour/index'
import type { Rule, MatchContext } from '../../../core/find/index'
import { fieldOf, leavesIn } from '../../../core/find/index'
import type { FolderId, MeaningId } from '../../../core/ids'
import { numberTree } from '../../../core/numbering/index'
import type { FolderRow } from '../../../core/rows/index'
import type { Tree } from '../../../core/tree/index'
import { branchOf, buildTree, outlineOf } from '../../../core/tree/index'
import { numberingOf } from '../../db/sql/planRows'
import { LOCALE } from '../actor'
import type { PlanFolders } from '../plan/planFolders'
import { currentFolders, liveFolders } from '../plan/planFolders'

export interface PlanTree {
  readonly tree: Tree<FolderRow>
  readonly meaningOf: (id: FolderId) => MeaningId | null
  /** The ids of all folders in the order in which the outline shows them. */
  readonly outline: () => readonly FolderId[]
}

// By the snapshot of folders that each is made of: it goes when that goes.
const trees = new WeakMap<PlanFolders, PlanTree>()

/** The folders of a plan as they are now. */
export async function planTree(planId: string): Promise<PlanTree> {
  const current = await currentFolders(planId)
  const known = trees.get(current)
  if (known) return known
  const folders = liveFolders(current)
  const numbering = await numberingOf(planId)
  const tree = buildTree<FolderRow>(folders)
  let outline: readonly FolderId[] | null = null
  const meanings = new Map<FolderId, MeaningId | null>()
  const plan: PlanTree = {
    tree,
    meaningOf(id) {
      const shown = meanings.get(id)
      if (shown !== undefined) return shown
      const meaning = tree.byId.has(id) ? meaningOf(tree, id) : null
      meanings.set(id, meaning)
      return meaning
    },
    outline: () =>
      (outline ??= outlineOf(numbering ? numberTree<FolderRow>(numbering, folders, LOCALE).tree : tree).map(
        ({ folder }) => folder.id,
      )),
  }
  trees.set(current, plan)
  return plan
}

export function matchContextOf({ tree, meaningOf: shown }: PlanTree, now: Date): MatchContext {
  return {
    below: id => (tree.byId.has(id) ? branchOf(tree, id).map(folder => folder.id) : []),
    meaningOf: shown,
    coloured: meanings => [...tree.byId.keys()].filter(id => meanings.includes(shown(id as FolderId))) as FolderId[],
    now: now.toISOString(),
  }
}

/** For rules that ask for no folder. */
export const NO_FOLDERS: PlanTree = { tree: buildTree<FolderRow>([]), meaningOf: () => null, outline: () => [] }

/** The folders are only looked up where the rule asks for them. */
export async function matchContextFor(planId: string, rule: Rule, now: Date): Promise<MatchContext> {
  return matchContextOf(asksForFolders(rule) ? await planTree(planId) : NO_FOLDERS, now)
}

function asksForFolders(rule: Rule): boolean {
  return leavesIn(rule).some(leaf => fieldOf(leaf)?.asksForFolders ?? false)
}
