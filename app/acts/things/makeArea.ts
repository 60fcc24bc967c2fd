import { useActs } from '../../stores/acts'
import { usePlan } from '../../stores/plan'
import { useSession } from '../../stores/session'
import type { ThingAct, ThingTarget } from '../act'
import { theOne } from '../act'

function folderOf(target: ThingTarget) {
  const item = theOne(target)
  return item?.kind === 'folder' ? usePlan().tree.byId.get(item.id) : undefined
}

/** A place where things are put for others. */
export const makeArea: ThingAct = {
  id: 'area',
  title: 'Make an area, or no area any more',
  part: 'out',
  words: target => (folderOf(target)?.area ? 'No area any more' : 'Make it an area'),
  applies: target => folderOf(target) !== undefined && !useSession().isGuest,
  run: target => {
    const folder = folderOf(target)
    if (folder) void useActs().act({ kind: 'folder.area', id: folder.id, on: !folder.area })
  },
}
