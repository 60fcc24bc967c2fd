import type { FolderRow } from '../rows/index'
import { foldedText } from '../text/index'
import type { Moment } from './slice'

/** The row of a new folder; what is not said stays as every folder begins. */
export function newFolder(
  given: Pick<FolderRow, 'id' | 'parentId' | 'name' | 'orderKey'> & Partial<FolderRow>,
  moment: Pick<Moment, 'now'>,
): FolderRow {
  return {
    number: null,
    numberFixed: false,
    label: null,
    numbered: true,
    first: false,
    pinned: false,
    area: false,
    registering: false,
    numbering: null,
    childOrder: 'number',
    meaningId: null,
    purpose: '',
    remark: '',
    namePattern: null,
    createdAt: moment.now,
    trashedAt: null,
    trashRoot: null,
    ...given,
    folded: foldedText(given.name),
  }
}
