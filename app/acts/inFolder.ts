// What the menu of a folder offers beside the acts on the folder itself: what can be begun in it, wherever it opens.

import type { PlanFolder } from '../../contract/plan'
import type { OfferedAct } from './act'
import { offer } from './offer'
import { addDocuments } from './place/addDocuments'
import { newFolder } from './place/newFolder'
import { newMemo } from './place/newMemo'

const BEGUN_IN_IT = [
  { ...newFolder, words: () => 'New folder in it' },
  { ...addDocuments, words: () => 'Add documents to it' },
  { ...newMemo, words: () => 'New memo in it' },
]

/** Without keys: those mean the open place. */
export function beginInside(folder: PlanFolder): readonly OfferedAct[] {
  return offer(BEGUN_IN_IT, { folder }).map(act => ({ ...act, key: '', keys: [] }))
}
