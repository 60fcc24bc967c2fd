import { useDialogs } from '../../stores/dialogs'
import { useSession } from '../../stores/session'
import type { ThingAct } from '../act'

/** To people and groups, or by a link. */
export const give: ThingAct = {
  id: 'give',
  title: 'Give…',
  part: 'out',
  applies: () => !useSession().isGuest,
  run: ({ items }) => {
    useDialogs().give = items
  },
}
