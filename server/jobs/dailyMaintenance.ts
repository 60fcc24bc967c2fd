import { sweepAttempts } from '../services/account/session'
import { sweepLongActs } from '../services/changes/longAct'
import { sweepIncoming } from '../services/documents/sweepIncoming'
import { sweepOrphans } from '../services/documents/sweepOrphans'
import { sweepLocks } from '../services/locks/locks'
import { dropStaleScanned } from '../services/scans/scannedRows'
import { sweepTrash } from '../services/trash/sweepTrash'

/** Once a day: what broken uploads left, what the Trash kept long enough, and what is no longer counted. */
export async function dailyMaintenance(log: (message: string) => void, now: Date): Promise<void> {
  await sweepIncoming(now)
  await dropStaleScanned(now)
  const swept = await sweepOrphans(now)
  if (swept !== null) log(swept)
  await sweepLongActs(now)
  await sweepTrash(now)
  await sweepLocks()
  await sweepAttempts(now)
}
