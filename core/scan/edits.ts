import type { Crop } from './skew'
import { UNCUT } from './skew'

export const TONES = ['as it is', 'grey', 'black and white'] as const
export type Tone = (typeof TONES)[number]

/** What is done to a scanned page before it goes into a document, in this order: turned, straightened, cut, toned. */
export interface ScanEdits {
  /** Quarter turns clockwise, 0 to 3. */
  readonly quarters: number
  /** Degrees clockwise, -15 to 15. */
  readonly degrees: number
  readonly crop: Crop
  readonly tone: Tone
}

export const UNEDITED: ScanEdits = { quarters: 0, degrees: 0, crop: UNCUT, tone: 'as it is' }
