import { useDialogs } from '../../stores/dialogs'
import { useLocks } from '../../stores/locks'
import { useSession } from '../../stores/session'
import type { ThingAct, ThingTarget } from '../act'
import { theOne } from '../act'

/** The one locked document or folder that is meant. */
function lockedOne(target: ThingTarget) {
  const one = theOne(target)
  const isLocked = one?.kind === 'document' ? one.locked : one && useLocks().ofFolder(one.id) !== undefined
  return isLocked ? one : undefined
}

/** For a while, or for good. */
export const unlock: ThingAct = {
  id: 'unlock',
  title: 'Unlock, or take the lock off…',
  part: 'out',
  applies: target => !useSession().isGuest && lockedOne(target) !== undefined,
  run: target => {
    useDialogs().unlock = lockedOne(target) ?? null
  },
}
