import { useDialogs } from '../../stores/dialogs'
import { useSession } from '../../stores/session'
import type { ThingAct } from '../act'
import { onlyOne } from '../act'

/** To be somebody else's from then on, once they take it over. */
export const handOver: ThingAct = {
  id: 'hand-over',
  title: 'Hand over…',
  part: 'out',
  applies: target => !useSession().isGuest && onlyOne(target),
  run: ({ items }) => {
    useDialogs().handOver = items[0] ?? null
  },
}
