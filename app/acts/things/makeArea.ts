import { useActs } from '../../stores/acts'
import { useSession } from '../../stores/session'
import type { ThingAct } from '../act'
import { theFolder } from '../theFolder'

/** A place where things are put for others. */
export const makeArea: ThingAct = {
  id: 'area',
  title: 'Make an area, or no area any more',
  part: 'out',
  words: target => (theFolder(target)?.area ? 'No area any more' : 'Make it an area'),
  applies: target => theFolder(target) !== undefined && !useSession().isGuest,
  run: target => {
    const folder = theFolder(target)
    if (folder) void useActs().act({ kind: 'folder.area', id: folder.id, on: !folder.area })
  },
}
