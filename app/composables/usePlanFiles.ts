// The plan, or a branch of it, as a file for other programs.

import { listingOf, markdownOf, nodesOfLines, startDraft } from '../../core/draft/index'
import { writeOpml } from '../../core/formats/index'
import type { FolderId } from '../../core/ids'
import { readFolderFacts } from '../api/plan'
import { useNotice } from '../stores/notice'
import { usePlan } from '../stores/plan'
import { useColourKey } from '../stores/colourKey'
import { refusalOf } from '../stores/remote'

export type PlanFile = 'opml' | 'md' | 'csv'

export function usePlanFiles() {
  const plan = usePlan()
  const colourKey = useColourKey()
  const notices = useNotice()
  const nameOf = (id: FolderId | null) => (id === null ? plan.reply?.plan.name : plan.tree.byId.get(id)?.name) ?? 'Plan'

  async function textOf(kind: PlanFile, rootId: FolderId | null): Promise<string> {
    const lines = startDraft(plan.tree, colourKey.meaningName, rootId, { identity: false, withRoot: true })
    if (kind === 'opml') return writeOpml(nameOf(rootId), nodesOfLines(lines))
    if (kind === 'md') return markdownOf(lines)
    const { folders } = await readFolderFacts()
    return listingOf(
      plan.numbered,
      colourKey.meaningName,
      new Map(folders.map(({ folderId, ...facts }) => [folderId, facts])),
      rootId,
    )
  }

  /** Makes the file and hands it to the browser as a download. */
  async function save(kind: PlanFile, rootId: FolderId | null): Promise<void> {
    try {
      const type = { opml: 'text/x-opml', md: 'text/markdown', csv: 'text/csv' }[kind]
      const address = URL.createObjectURL(new Blob([await textOf(kind, rootId)], { type: `${type};charset=utf-8` }))
      const link = Object.assign(document.createElement('a'), { href: address, download: `${nameOf(rootId)}.${kind}` })
      link.click()
      setTimeout(() => URL.revokeObjectURL(address), 10_000)
      notices.say(`Saved ${nameOf(rootId)}.${kind}`)
    } catch (error) {
      notices.refuse(refusalOf(error))
    }
  }

  return { save }
}
