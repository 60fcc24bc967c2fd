import {
  claimReading,
  claimScanPage,
  claimThumbnail,
  scanPageAgain,
  thumbnailAgain,
  waitAgain,
} from '../services/reading/claims'
import { readClaimed } from '../services/reading/keepReading'
import { recogniseClaimed } from '../services/reading/recognise'
import { onWork } from '../services/events/planEvents'
import { drawThumbnail } from '../services/thumbnails/drawThumbnail'
import { AT_ONCE, documents } from '../workers/documents'
import { keepWorking } from './keepWorking'

/** Opens what waits to be opened: documents to be read, small pictures, pages to be recognised. */
export function openWaiting(log: (message: string) => void): { wake: () => void; stop: () => void } {
  const workings = [
    keepWorking(
      {
        name: 'reading',
        atOnce: AT_ONCE,
        claim: claimReading,
        carryOut: claim => readClaimed(claim, documents.read),
        giveBack: ({ blobId }) => waitAgain(blobId),
      },
      log,
    ),
    keepWorking(
      {
        name: 'thumbnails',
        atOnce: AT_ONCE,
        claim: claimThumbnail,
        carryOut: claim => drawThumbnail(claim, documents.thumbnail),
        giveBack: ({ blobId }) => thumbnailAgain(blobId),
      },
      log,
    ),
    keepWorking(
      {
        name: 'recognising',
        atOnce: AT_ONCE,
        claim: claimScanPage,
        carryOut: claim => recogniseClaimed(claim, documents),
        giveBack: ({ blobId, page }) => scanPageAgain(blobId, page),
      },
      log,
    ),
  ]
  const wake = () => {
    for (const working of workings) working.wake()
  }
  const unsubscribe = onWork(wake)
  return {
    wake,
    stop() {
      unsubscribe()
      for (const working of workings) working.stop()
    },
  }
}
