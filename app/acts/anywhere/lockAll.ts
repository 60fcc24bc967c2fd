import { useLocks } from '../../stores/locks'
import type { PlainAct } from '../act'

/** What was unlocked is locked again at once. */
export const lockAll: PlainAct = {
  id: 'lock-all',
  title: 'Lock all that is open',
  key: 'Shift+L',
  part: 'app',
  applies: () => useLocks().all.length > 0,
  run: () => void useLocks().closeAll(),
}
