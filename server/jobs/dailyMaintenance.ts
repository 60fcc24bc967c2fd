import { sweepAttempts } from '../services/account/session'
import { sweepLongActs } from '../services/changes/longAct'
import { sweepOrphans } from '../services/documents/sweepOrphans'
import { sweepIncoming } from '../services/documents/sweepIncoming'
import { sweepScans } from '../services/scans/sweepScans'
import { sweepTrash } from '../services/trash/sweepTrash'

/** Once a day: what broken uploads left, and what the Trash kept long enough. */
export async function dailyMaintenance(log: (message: string) => void): Promise<void> {
  await sweepIncoming()
  await sweepScans()
  const swept = await sweepOrphans()
  if (swept !== null) log(swept)
  await sweepLongActs()
  await sweepTrash(new Date())
  await sweepAttempts(new Date())
}
