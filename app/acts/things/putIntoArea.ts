import { useAreas } from '../../stores/areas'
import { useDialogs } from '../../stores/dialogs'
import type { ThingAct } from '../act'
import { areDocuments } from '../act'

/** Where others are to see it, chosen among areas and not among all folders. */
export const putIntoArea: ThingAct = {
  id: 'put-into-area',
  title: 'Put into an area…',
  part: 'out',
  applies: target => areDocuments(target) && useAreas().all.length > 0,
  run: ({ items }) => {
    useDialogs().area = items
  },
}
