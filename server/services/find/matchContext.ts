// What rules have to know of the plan: its folders and their colours, kept while the plan stands at the same revision.

import { meaningOf } from '../../../core/colour/index'
import type { Rule, MatchContext } from '../../../core/find/index'
import { leavesIn } from '../../../core/find/index'
import type { FolderId, MeaningId } from '../../../core/ids'
import { numberTree } from '../../../core/numbering/index'
import type { FolderRow } from '../../../core/rows/index'
import type { Tree } from '../../../core/tree/index'
import { branchOf, buildTree, outlineOf } from '../../../core/tree/index'
import { liveFoldersOf, numberingOf, revisionOf } from '../../db/sql/planRows'
import { LOCALE } from '../actor'

export interface PlanTree {
  readonly tree: Tree<FolderRow>
  readonly meaningOf: (id: FolderId) => MeaningId | null
  /** The ids of all folders in the order in which the outline shows them. */
  readonly outline: () => readonly FolderId[]
}

const PLANS_KEPT = 20
const kept = new Map<string, { readonly revision: number; readonly plan: PlanTree }>()

/** The folders of a plan as they are now. */
export async function planTree(planId: string): Promise<PlanTree> {
  const revision = await revisionOf(planId)
  const known = kept.get(planId)
  if (known?.revision === revision) return known.plan
  const [numbering, folders] = await Promise.all([numberingOf(planId), liveFoldersOf(planId)])
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
  kept.delete(planId)
  kept.set(planId, { revision, plan })
  for (const [oldest] of kept) if (kept.size > PLANS_KEPT) kept.delete(oldest)
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
  return leavesIn(rule).some(({ kind }) => kind === 'place' || kind === 'meaning')
}
