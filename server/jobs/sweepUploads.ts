import { sweepIncoming } from '../services/documents/sweepIncoming'

export async function sweepUploads(): Promise<void> {
  await sweepIncoming()
}
