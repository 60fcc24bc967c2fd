import { archiveAddress } from '../../stores/content'
import type { PlaceAct } from '../act'
import { downloadFrom } from '../downloadFrom'

/** Everything, in folders that are named as they are written. */
export const downloadPlan: PlaceAct = {
  id: 'download-plan',
  title: 'Download the whole plan as one ZIP',
  part: 'save',
  applies: ({ folder }) => folder === null,
  run: () => downloadFrom(archiveAddress({ folderIds: [], documentIds: [] })),
}
