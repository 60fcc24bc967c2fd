// The plan or the branch as a file for other programs.
import type { PlanFile } from '../../stores/planFile'
import { savePlanFile } from '../../stores/planFile'
import type { PlaceAct } from '../act'

const saveAct = (kind: PlanFile, title: string): PlaceAct => ({
  id: `save-${kind}`,
  title,
  part: 'save',
  run: ({ folder }) => void savePlanFile(kind, folder?.id ?? null),
})

export const saveAsOpml = saveAct('opml', 'Save as OPML')
export const saveAsMarkdown = saveAct('md', 'Save as Markdown')
export const saveAsTable = saveAct('csv', 'Save as a table (CSV)')
