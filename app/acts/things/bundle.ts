import { thingsOf } from '../../../core/plan/index'
import { useDialogs } from '../../stores/dialogs'
import type { ThingAct } from '../act'
import { areDocuments } from '../act'

export const bundle: ThingAct = {
  id: 'bundle',
  title: 'Put into a bundle…',
  key: 'B',
  part: 'mark',
  applies: areDocuments,
  run: ({ items }) => {
    useDialogs().bundle = thingsOf(items).documentIds
  },
}
