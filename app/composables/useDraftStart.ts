// Ways to begin a draft: empty, from the plan, from a skeleton, from files, as the next period of a branch.

import type { PeriodSettings } from '../../core/draft/index'
import { folderOfPath, linesOf, linesOfFile, linesOfPaths, nextPeriod, startDraft } from '../../core/draft/index'
import type { FolderId } from '../../core/ids'
import { usePlan } from '../stores/plan'
import { usePlaceNames } from '../stores/placeNames'
import { useColourKey } from '../stores/colourKey'
import type { DroppedFile } from './droppedFiles'
import { useDraftFiles } from '../stores/draftFiles'
import { useDraftBegin } from './useDraftBegin'

export function useDraftStart() {
  const [plan, files] = [usePlan(), useDraftFiles()]
  const { refused, begin, fromPlan } = useDraftBegin()
  const placeNames = usePlaceNames()
  const colourKey = useColourKey()
  const placeText = (id: FolderId | null) => (id === null ? 'the plan' : (placeNames.placeOf(id)?.text ?? ''))

  const empty = (rootId: FolderId | null) => begin('', rootId, [], true)
  const present = (rootId: FolderId | null) =>
    fromPlan(() =>
      begin(
        rootId === null ? 'The whole plan' : placeText(rootId),
        rootId,
        startDraft(plan.tree, colourKey.meaningName, rootId),
        false,
      ),
    )
  const skeleton = (name: string, outline: string, rootId: FolderId | null) =>
    begin(name, rootId, linesOf(outline), true)
  const period = (id: FolderId, settings: PeriodSettings & { readonly name: string }) =>
    fromPlan(() => {
      const lines = nextPeriod(startDraft(plan.tree, colourKey.meaningName, null), id, {
        ...settings,
        number: plan.numbered.codes.get(id)?.number ?? null,
      })
      return begin(`Next period of ${placeText(id)}`, null, lines, false, {
        branchId: id,
        grades: settings.grades,
        name: settings.name,
      })
    })

  async function file(chosen: File, rootId: FolderId | null): Promise<void> {
    const read = linesOfFile(chosen.name, await chosen.text())
    if (read.ok) await begin(chosen.name, rootId, read.lines, true)
    else refused.value = read.why
  }

  /**
   * A folder of the desktop: its folders become lines; with `documents`, its files are brought in when the draft is
   * applied.
   */
  async function desktop(chosen: readonly DroppedFile[], rootId: FolderId | null, documents: boolean): Promise<void> {
    const lines = linesOfPaths(chosen.map(one => one.path))
    if (lines.length === 0) {
      refused.value = 'There is no folder in what was chosen. To bring in single files, drop them on a folder’s page.'
      return
    }
    const id = await begin(chosen[0]?.path.split('/')[0] ?? 'Desktop folder', rootId, lines, true)
    if (id === null || !documents) return
    const byPath = new Map<string, File[]>()
    for (const { file: one, path } of chosen) {
      const folder = folderOfPath(path)
      const files = byPath.get(folder)
      if (files) files.push(one)
      else byPath.set(folder, [one])
    }
    files.keep(id, byPath)
  }

  /** The branch with its top folder as an outline, without identity. */
  const outlineOfBranch = (id: FolderId) =>
    startDraft(plan.tree, colourKey.meaningName, id, { identity: false, withRoot: true })

  return { refused, empty, present, skeleton, period, file, desktop, outlineOfBranch }
}
