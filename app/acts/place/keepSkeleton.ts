import { quoted } from '../../../core/change/index'
import { outlineText, startDraft } from '../../../core/draft/index'
import { useColourKey } from '../../stores/colourKey'
import { useDrafts } from '../../stores/drafts'
import { useNotice } from '../../stores/notice'
import { usePlan } from '../../stores/plan'
import type { PlaceAct } from '../act'

/** The branch with its top folder as an outline to begin others from. */
export const keepSkeleton: PlaceAct = {
  id: 'keep-skeleton',
  title: 'Keep as skeleton',
  part: 'shape',
  applies: ({ folder }) => folder !== null,
  run: async ({ folder }) => {
    if (!folder) return
    const lines = startDraft(usePlan().tree, useColourKey().meaningName, folder.id, { identity: false, withRoot: true })
    const notices = useNotice()
    await useDrafts().keepSkeleton(folder.name, outlineText(lines))
    notices.say(`Kept ${quoted(folder.name)} as a skeleton: use it from “Draft the plan”`)
  },
}
