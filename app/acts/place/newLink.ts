import { useDialogs } from '../../stores/dialogs'
import type { PlaceAct } from '../act'

export const newLink: PlaceAct = {
  id: 'new-link',
  title: 'New link…',
  key: 'L',
  part: 'write',
  applies: ({ folder }) => folder !== null,
  run: ({ folder }) => {
    useDialogs().link = { folderId: folder?.id ?? null, address: '' }
  },
}
