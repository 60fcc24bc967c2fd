import { useDialogs } from '../../stores/dialogs'
import { useLocks } from '../../stores/locks'
import { useSession } from '../../stores/session'
import type { ThingAct } from '../act'
import { areDocuments, onlyOne } from '../act'

/** Contents that only a passphrase opens. */
export const lock: ThingAct = {
  id: 'lock',
  title: 'Lock…',
  part: 'out',
  applies: target =>
    !useSession().isGuest &&
    (areDocuments(target)
      ? target.items.every(item => item.kind === 'document' && !item.locked)
      : onlyOne(target) && target.items.every(({ id }) => useLocks().ofFolder(id) === undefined)),
  run: ({ items }) => {
    useDialogs().lock = items
  },
}
