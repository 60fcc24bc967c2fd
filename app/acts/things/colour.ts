import { useDialogs } from '../../stores/dialogs'
import type { ThingAct } from '../act'
import { areDocuments, onlyOne } from '../act'

export const colour: ThingAct = {
  id: 'colour',
  title: 'Colour…',
  part: 'mark',
  applies: target => onlyOne(target) || areDocuments(target),
  run: ({ items }) => {
    useDialogs().colour = items
  },
}
