// Ways to begin a draft: empty, from the plan, from a skeleton, from files, as the next period of a branch.

import { ref } from 'vue'
import { useRouter } from 'vue-router'
import type { DraftLine, PeriodSettings } from '../../core/draft/index'
import { linesOf, linesOfFile, linesOfPaths, nextPeriod, startDraft } from '../../core/draft/index'
import type { FolderId, MeaningId } from '../../core/ids'
import { useDraft } from '../stores/draft'
import { usePlan } from '../stores/plan'
import { reasonOf } from '../stores/remote'
import { useDraftFiles } from '../stores/draftFiles'

export function useDraftStart() {
  const [draft, plan, files] = [useDraft(), usePlan(), useDraftFiles()]
  const router = useRouter()
  const refused = ref('')
  const meaningName = (id: string) => plan.meaningById.get(id as MeaningId)?.name ?? null
  const placeText = (id: FolderId | null) => (id === null ? 'the plan' : plan.placeOf(id)?.text ?? '')

  async function begin(name: string, rootId: FolderId | null, lines: readonly DraftLine[], additive: boolean): Promise<string | null> {
    refused.value = ''
    try {
      const id = await draft.begin({ name, rootId, lines: lines.length > 0 ? lines : [{ folderId: null, depth: 0, text: '' }], additive })
      await router.push(`/draft/${id}`)
      return id
    }
    catch (error) {
      refused.value = reasonOf(error).message
      return null
    }
  }

  const empty = (rootId: FolderId | null) => begin('', rootId, [], true)
  const present = (rootId: FolderId | null) => begin(rootId === null ? 'The whole plan' : placeText(rootId), rootId, startDraft(plan.tree, meaningName, rootId), false)
  const skeleton = (name: string, outline: string, rootId: FolderId | null) => begin(name, rootId, linesOf(outline), true)
  const period = (id: FolderId, settings: PeriodSettings) => begin(`Next period of ${placeText(id)}`, null, nextPeriod(startDraft(plan.tree, meaningName, null), id, settings), false)

  async function file(chosen: File, rootId: FolderId | null): Promise<void> {
    const read = linesOfFile(chosen.name, await chosen.text())
    if (read.ok) await begin(chosen.name, rootId, read.lines, true)
    else refused.value = read.why
  }

  /** A folder of the desktop: its folders become lines; with `documents`, its files are brought in when the draft is applied. */
  async function desktop(chosen: readonly File[], rootId: FolderId | null, documents: boolean): Promise<void> {
    const paths = chosen.map(one => (one.webkitRelativePath === '' ? one.name : one.webkitRelativePath))
    const { lines, folderOf } = linesOfPaths(paths)
    if (lines.length === 0) { refused.value = 'There is no folder in what was chosen.'; return }
    const id = await begin(paths[0]?.split('/')[0] ?? 'Desktop folder', rootId, lines, true)
    if (id === null || !documents) return
    files.keep(id, chosen.flatMap((one, index) => {
      const line = folderOf.get((paths[index] ?? '').split('/').slice(0, -1).join('/'))
      return line === undefined ? [] : [{ file: one, path: lines.slice(0, line + 1), line }]
    }))
  }

  /** The branch with its top folder as an outline, without identity. */
  const outlineOfBranch = (id: FolderId) => startDraft(plan.tree, meaningName, id, { identity: false, withRoot: true })

  return { refused, empty, present, skeleton, period, file, desktop, outlineOfBranch }
}
