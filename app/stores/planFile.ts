// The plan, or a branch of it, as a file for other programs.

import { listingOf, markdownOf, nodesOfLines, startDraft } from '../../core/draft/index'
import { writeOpml } from '../../core/formats/index'
import type { FolderId } from '../../core/ids'
import { readFolderFacts } from '../api/plan'
import { useNotice } from './notice'
import { usePlan } from './plan'
import { useColourKey } from './colourKey'
import { refusalOf } from './remote'

export type PlanFile = 'opml' | 'md' | 'csv'

const nameOf = (id: FolderId | null) =>
  (id === null ? usePlan().reply?.plan.name : usePlan().tree.byId.get(id)?.name) ?? 'Plan'

async function textOf(kind: PlanFile, rootId: FolderId | null): Promise<string> {
  const [plan, { meaningName }] = [usePlan(), useColourKey()]
  const lines = startDraft(plan.tree, meaningName, rootId, { identity: false, withRoot: true })
  if (kind === 'opml') return writeOpml(nameOf(rootId), nodesOfLines(lines))
  if (kind === 'md') return markdownOf(lines)
  const { folders } = await readFolderFacts()
  const facts = new Map(folders.map(({ folderId, ...rest }) => [folderId, rest]))
  return listingOf(plan.numbered, meaningName, facts, rootId)
}

/** Makes the file and hands it to the browser as a download. */
export async function savePlanFile(kind: PlanFile, rootId: FolderId | null): Promise<void> {
  const notices = useNotice()
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
