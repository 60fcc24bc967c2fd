import { usePlaceWork } from '../../stores/placeWork'
import type { PlaceAct } from '../act'

export const newFolder: PlaceAct = {
  id: 'new-folder',
  title: 'New folder',
  key: 'N',
  part: 'build',
  often: true,
  run: ({ folder }) => {
    usePlaceWork().naming = folder?.id ?? null
    void navigateTo(folder ? `/plan/${folder.id}` : '/plan')
  },
}
