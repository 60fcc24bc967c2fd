// Compares drafts with the plan away from the page, so that typing stays quick at 20,000 lines.

import type { OutlineReply } from '../../contract/plan'
import type { Difference, DraftHint, HintSettings, PeriodOf, PresentPlan } from '../../core/draft/index'
import { draftDifference, draftHints, linesOf } from '../../core/draft/index'
import type { FolderId } from '../../core/ids'
import type { Numbering } from '../../core/numbering/index'
import { numberTree } from '../../core/numbering/index'
import type { FolderRow } from '../../core/rows/index'

/** What the page needs of a difference; the trees stay here. */
export type Compared = Omit<Difference, 'tree' | 'codes'> & {
  readonly hints: readonly DraftHint[]
  readonly revision: number
}

export type DraftQuestion =
  | {
      readonly kind: 'plan'
      readonly outline: OutlineReply
      readonly folders: readonly FolderRow[]
      readonly locale: string
    }
  | {
      readonly kind: 'compare'
      readonly turn: number
      readonly rootId: FolderId | null
      readonly text: string
      readonly folderIds: readonly (FolderId | null)[]
      readonly numbering: Numbering | null
      readonly additive: boolean
      readonly period: PeriodOf | null
      readonly settings: HintSettings
    }

let known: PresentPlan | null = null
let revision = 0

self.onmessage = ({ data }: MessageEvent<DraftQuestion>) => {
  if (data.kind === 'plan') {
    const { outline, folders, locale } = data
    known = {
      plan: outline.plan,
      folders,
      meanings: outline.meanings,
      counts: outline.counts,
      locale,
      numbered: numberTree(outline.plan, folders, locale),
    }
    revision = outline.plan.revision
    return
  }
  if (!known) return
  const difference = draftDifference(
    known,
    data.rootId,
    linesOf(data.text, data.folderIds),
    (kind, index) => `new-${kind}-${index}`,
    data,
  )
  const hints = draftHints(difference, data.rootId, data.settings)
  const { rows, drafted, removed, newMeanings, counts, deepest, faults, makes } = difference
  self.postMessage({
    turn: data.turn,
    compared: {
      rows,
      drafted,
      removed,
      newMeanings,
      counts,
      deepest,
      faults,
      makes,
      hints,
      revision,
    } satisfies Compared,
  })
}
