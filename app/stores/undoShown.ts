// Undo takes back what the bottom line tells of: an act of this plan, or what was done in that of another.

import { useActs } from './acts'
import { useNotice } from './notice'

export async function undoShown(): Promise<void> {
  const own = useNotice().present?.undo
  await (own ? own() : useActs().undo())
}
