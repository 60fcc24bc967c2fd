import { dropStaleScanned } from './scannedRows'

/** Clears away scanned pages that nobody made a document of for a week; how many. */
export function sweepScans(now: Date): Promise<number> {
  return dropStaleScanned(now)
}
