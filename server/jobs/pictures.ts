import { recogniser } from '../extract/ocr/recogniser'
import { setScans } from '../extract/scanPdf'
import { drawScan, lookAtScan } from '../extract/scanPicture'
import type { Pictures } from '../services/scans/scans'

/** How this server looks at, draws, reads and binds scanned pages. */
export const pictures: Pictures = { look: lookAtScan, draw: drawScan, see: (png, languages) => recogniser().see(png, languages), set: setScans }
