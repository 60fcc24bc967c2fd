import { usePlaceWork } from '../../stores/placeWork'
import type { PlaceAct } from '../act'

export const addDocuments: PlaceAct = {
  id: 'add-documents',
  title: 'Add documents',
  key: 'U',
  part: 'build',
  often: true,
  words: ({ folder }) => (folder ? 'Add documents' : 'Add documents to the In-tray'),
  run: ({ folder }) => {
    usePlaceWork().choosing = { what: 'files', to: folder?.id ?? null }
  },
}

export const addDesktopFolder: PlaceAct = {
  id: 'add-desktop-folder',
  title: 'Add a folder of the desktop…',
  part: 'build',
  run: ({ folder }) => {
    usePlaceWork().choosing = { what: 'folder', to: folder?.id ?? null }
  },
}
