import { useDialogs } from '../../stores/dialogs'
import type { PlaceAct } from '../act'

export const merge: PlaceAct = {
  id: 'merge',
  title: 'Merge into…',
  part: 'shape',
  applies: ({ folder }) => folder !== null,
  run: ({ folder }) => {
    useDialogs().merge = folder?.id ?? null
  },
}
