import { useDialogs } from '../../stores/dialogs'
import type { ThingAct } from '../act'

export const tag: ThingAct = {
  id: 'tag',
  title: 'Tag…',
  key: 'T',
  part: 'mark',
  run: ({ items }) => {
    useDialogs().tag = items
  },
}
