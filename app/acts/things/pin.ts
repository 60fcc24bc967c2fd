import { useActs } from '../../stores/acts'
import { usePlan } from '../../stores/plan'
import { useSession } from '../../stores/session'
import type { ThingAct, ThingTarget } from '../act'
import { theOne } from '../act'

function folderOf(target: ThingTarget) {
  const item = theOne(target)
  return item?.kind === 'folder' ? usePlan().tree.byId.get(item.id) : undefined
}

/** A pinned folder stands in the short list under the outline. */
export const pin: ThingAct = {
  id: 'pin',
  title: 'Pin, or unpin',
  part: 'mark',
  words: target => (folderOf(target)?.pinned ? 'Unpin' : 'Pin'),
  applies: target => folderOf(target) !== undefined && !useSession().isGuest,
  run: target => {
    const folder = folderOf(target)
    if (folder) void useActs().act({ kind: 'folder.pin', id: folder.id, on: !folder.pinned })
  },
}
