import { thingsOf } from '../../../core/plan/index'
import { useActs } from '../../stores/acts'
import { useDocumentList } from '../../stores/documentList'
import type { ThingAct, ThingTarget } from '../act'
import { areDocuments } from '../act'

const areFirst = ({ items }: ThingTarget) => items.every(({ id }) => useDocumentList().first.has(id))

/** Before the others of the folder, for everyone who sees it. */
export const keepFirst: ThingAct = {
  id: 'keep-first',
  title: 'Keep first in the folder, or not',
  part: 'mark',
  words: target => (areFirst(target) ? 'Let it stand in order' : 'Keep first here'),
  applies: target => areDocuments(target) && target.fromFolderId !== null,
  run: target => {
    const { documentIds } = thingsOf(target.items)
    const folderId = target.fromFolderId
    if (folderId) void useActs().act({ kind: 'document.first', folderId, documentIds, on: !areFirst(target) })
  },
}
