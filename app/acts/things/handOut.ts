import { thingsOf } from '../../../core/plan/index'
import { useDialogs } from '../../stores/dialogs'
import { useSession } from '../../stores/session'
import type { ThingAct } from '../act'
import { areDocuments } from '../act'

/** A copy for each person of a group, in a folder of their own. */
export const handOut: ThingAct = {
  id: 'hand-out',
  title: 'Hand out copies…',
  part: 'out',
  applies: target => areDocuments(target) && !useSession().isGuest,
  run: ({ items }) => {
    const { documentIds } = thingsOf(items)
    useDialogs().handOut = { documentIds, name: documentIds.length === 1 ? (items[0]?.name ?? '') : '', groupId: null }
  },
}
