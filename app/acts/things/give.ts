import { useDialogs } from '../../stores/dialogs'
import { useSession } from '../../stores/session'
import type { ThingAct } from '../act'
import { onlyOne, theOne } from '../act'

/** Whoever has the link may read it. */
export const give: ThingAct = {
  id: 'give',
  title: 'Give…',
  part: 'out',
  applies: target => onlyOne(target) && !useSession().isGuest,
  run: target => {
    useDialogs().give = theOne(target) ?? null
  },
}
