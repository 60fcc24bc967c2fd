import { thingsOf } from '../../../core/plan/index'
import { useDialogs } from '../../stores/dialogs'
import type { ThingAct } from '../act'
import { areDocuments } from '../act'

/** Documents of a folder go into a new one below it, as when one is dropped on another. */
export const gather: ThingAct = {
  id: 'gather',
  title: 'New folder for them…',
  part: 'lay',
  words: ({ items }) => (items.length === 1 ? 'New folder for it…' : 'New folder for them…'),
  applies: target => areDocuments(target) && target.fromFolderId !== null,
  run: target => {
    const { documentIds } = thingsOf(target.items)
    if (target.fromFolderId !== null) useDialogs().gather = { documentIds, folderId: target.fromFolderId }
  },
}
