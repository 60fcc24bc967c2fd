import { newId } from '../../../contract/newId'
import type { FolderId } from '../../../core/ids'
import { useActs } from '../../stores/acts'
import type { PlaceAct } from '../act'

const duplicateAct = (id: string, title: string, withDocuments: boolean): PlaceAct => ({
  id,
  title,
  part: 'shape',
  applies: ({ folder }) => folder !== null,
  run: ({ folder }) => {
    if (!folder) return
    const copy = { id: folder.id, newId: newId<FolderId>(), parentId: folder.parentId, withDocuments }
    void useActs().act({ kind: 'folder.duplicate', ...copy })
  },
})

export const duplicate = duplicateAct('duplicate', 'Duplicate the structure', false)
export const duplicateWithDocuments = duplicateAct('duplicate-all', 'Duplicate with documents', true)
