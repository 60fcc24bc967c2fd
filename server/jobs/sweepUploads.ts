import { sweepIncoming } from '../services/documents/sweepIncoming'
import { sweepScans } from '../services/scans/sweepScans'
import { sweepTrash } from '../services/trash/sweepTrash'

/** Once a day: what broken uploads left, and what the Trash kept long enough. */
export async function sweepUploads(): Promise<void> {
  await sweepIncoming()
  await sweepScans()
  await sweepTrash(new Date())
}
