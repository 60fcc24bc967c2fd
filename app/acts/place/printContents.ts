import type { PlaceAct } from '../act'

export const printContents: PlaceAct = {
  id: 'contents',
  title: 'Contents to print',
  part: 'save',
  run: ({ folder }) => void navigateTo(folder ? `/contents/${folder.id}` : '/contents'),
}
