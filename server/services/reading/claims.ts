/** What waits to be opened, for those that open it. */
export type { Turn } from '../../db/sql/claims'
export { claimReading, claimScanPage, claimThumbnail } from '../../db/sql/claims'
export { waitAgain } from '../../db/sql/reading'
export { scanPageAgain } from '../../db/sql/scans'
export { thumbnailAgain } from '../../db/sql/thumbnails'
