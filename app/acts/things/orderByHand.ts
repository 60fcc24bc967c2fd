import type { DocumentId } from '../../../core/ids'
import { useActs } from '../../stores/acts'
import { useDocumentList } from '../../stores/documentList'
import type { ThingAct, ThingTarget } from '../act'
import { theOne } from '../act'

/**
 * Those that are kept first in the folder, with the one that is meant and its neighbour in each other's place; null
 * where it is none of them, or has no neighbour there.
 */
function swapped(target: ThingTarget, by: 1 | -1): DocumentId[] | null {
  const { rows, first } = useDocumentList()
  const ids = rows.slice(0, first.size).map(({ id }) => id)
  const item = theOne(target)
  const at = item?.kind === 'document' && target.fromFolderId !== null ? ids.indexOf(item.id) : -1
  const [mine, neighbour] = [ids[at], ids[at + by]]
  if (mine === undefined || neighbour === undefined) return null
  return ids.with(at, neighbour).with(at + by, mine)
}

const laidBy = (by: 1 | -1) => ({
  part: 'mark' as const,
  applies: (target: ThingTarget) => swapped(target, by) !== null,
  run: (target: ThingTarget) => {
    const documentIds = swapped(target, by)
    if (documentIds === null || target.fromFolderId === null) return
    void useActs().act({ kind: 'document.arrange', folderId: target.fromFolderId, documentIds })
  },
})

export const layEarlier: ThingAct = {
  id: 'lay-earlier',
  title: 'Lay it earlier among those kept first',
  key: 'Alt+ArrowUp',
  words: () => 'Lay it earlier',
  ...laidBy(-1),
}

export const layLater: ThingAct = {
  id: 'lay-later',
  title: 'Lay it later among those kept first',
  key: 'Alt+ArrowDown',
  words: () => 'Lay it later',
  ...laidBy(1),
}
