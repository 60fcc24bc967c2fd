import { useDialogs } from '../../stores/dialogs'
import type { PlaceAct } from '../act'

/** Of a folder it is an act on the folder; the top of the plan is none. */
export const numberTop: PlaceAct = {
  id: 'number-top',
  title: 'Numbering…',
  part: 'build',
  applies: ({ folder }) => folder === null,
  run: () => {
    useDialogs().numbering = { folderId: null }
  },
}
