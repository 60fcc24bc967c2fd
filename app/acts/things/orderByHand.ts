import type { DocumentId } from '../../../core/ids'
import { useActs } from '../../stores/acts'
import { useDocumentList } from '../../stores/documentList'
import type { ThingAct, ThingTarget } from '../act'
import { theOne } from '../act'

/** Those that are kept first in the folder, and where the one that is meant stands among them; null: elsewhere. */
function amongFirst(target: ThingTarget): { readonly ids: readonly DocumentId[]; readonly at: number } | null {
  const { rows, first } = useDocumentList()
  const ids = rows.filter(({ id }) => first.has(id)).map(({ id }) => id)
  const item = theOne(target)
  const at = item?.kind === 'document' && target.fromFolderId !== null ? ids.indexOf(item.id) : -1
  return at < 0 ? null : { ids, at }
}

/** They change places with their neighbour, for everyone who sees the folder. */
const laidBy = (by: 1 | -1) => ({
  part: 'mark' as const,
  applies: (target: ThingTarget) => {
    const { ids, at } = amongFirst(target) ?? { ids: [], at: -1 }
    return at >= 0 && ids[at + by] !== undefined
  },
  run: (target: ThingTarget) => {
    const { ids, at } = amongFirst(target) ?? { ids: [], at: -1 }
    const [id, neighbour] = [ids[at], ids[at + by]]
    if (!id || !neighbour || target.fromFolderId === null) return
    const documentIds = ids.map(one => (one === id ? neighbour : one === neighbour ? id : one))
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
