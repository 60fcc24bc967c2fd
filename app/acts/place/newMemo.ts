import { newId } from '../../../contract/newId'
import type { FolderId } from '../../../core/ids'
import type { PlaceAct } from '../act'

/** Begins a memo in the folder; from a pattern where one is named. */
export function beginMemo(folder: FolderId | undefined, pattern?: string): void {
  void navigateTo({ path: `/memo/${newId()}`, query: { folder, pattern } })
}

export const newMemo: PlaceAct = {
  id: 'new-memo',
  title: 'New memo',
  key: 'W',
  part: 'write',
  applies: ({ folder }) => folder !== null,
  run: ({ folder }) => beginMemo(folder?.id),
}
