import { useActs } from '../../stores/acts'
import { useSession } from '../../stores/session'
import type { ThingAct } from '../act'
import { theFolder } from '../theFolder'

/** A pinned folder stands in the short list under the outline. */
export const pin: ThingAct = {
  id: 'pin',
  title: 'Pin, or unpin',
  part: 'mark',
  words: target => (theFolder(target)?.pinned ? 'Unpin' : 'Pin'),
  applies: target => theFolder(target) !== undefined && !useSession().isGuest,
  run: target => {
    const folder = theFolder(target)
    if (folder) void useActs().act({ kind: 'folder.pin', id: folder.id, on: !folder.pinned })
  },
}
