// How far a scanned page is turned, by projection profiles: lines of text that lie straight make rows that are
// either dark or light, so the sum of squared differences between neighbouring rows is greatest at the right angle
// (H. S. Baird, "The Skew Angle of Printed Documents", 1987).

/** A picture in grey: one byte a point, row by row, 0 is black. */
export interface Grey {
  readonly width: number
  readonly height: number
  readonly points: Uint8Array
}

const MOST_DEGREES = 8
const COARSE = 0.5
const FINE = 0.05
const LEAST_INK = 200

/** Points that are clearly darker than the paper around them. */
function inkOf({ width, height, points }: Grey): { x: number; y: number }[] {
  const edge = Math.round(Math.min(width, height) * 0.03)
  let sum = 0
  for (const point of points) sum += point
  const dark = (sum / points.length) * 0.72
  const ink: { x: number; y: number }[] = []
  for (let y = edge; y < height - edge; y++)
    for (let x = edge; x < width - edge; x++) if ((points[y * width + x] ?? 255) < dark) ink.push({ x, y })
  return ink
}

function sharpness(ink: readonly { x: number; y: number }[], height: number, degrees: number): number {
  const slope = Math.tan((degrees * Math.PI) / 180)
  const rows = new Float64Array(height * 2)
  for (const { x, y } of ink) {
    const row = Math.round(y - x * slope) + (height >> 1)
    if (row >= 0 && row < rows.length) rows[row] = (rows[row] ?? 0) + 1
  }
  let score = 0
  for (let row = 1; row < rows.length; row++) score += ((rows[row] ?? 0) - (rows[row - 1] ?? 0)) ** 2
  return score
}

/**
 * Degrees clockwise by which the lines of the page fall, between -8 and 8; 0 where there is too little to tell. About
 * 600 points wide is enough.
 */
export function skewOf(grey: Grey): number {
  const ink = inkOf(grey)
  if (ink.length < LEAST_INK) return 0
  const best = (from: number, to: number, step: number) => {
    let [angle, most] = [0, -1]
    for (let degrees = from; degrees <= to + 1e-9; degrees += step) {
      const score = sharpness(ink, grey.height, degrees)
      if (score > most) [angle, most] = [degrees, score]
    }
    return angle
  }
  const about = best(-MOST_DEGREES, MOST_DEGREES, COARSE)
  return Math.round(best(about - COARSE, about + COARSE, FINE) * 100) / 100
}

/** What is cut off at each side, as shares of the picture. */
export interface Crop {
  readonly left: number
  readonly top: number
  readonly right: number
  readonly bottom: number
}
export const UNCUT: Crop = { left: 0, top: 0, right: 0, bottom: 0 }

const MARGIN = 0.03
const MOST_CUT = 0.08

/**
 * Cuts edges and shadows around what is written, with a margin; at most 8 % a side, since an empty half belongs to the
 * page, and nothing where nothing is written.
 */
export function cropOf(grey: Grey): Crop {
  const ink = inkOf(grey)
  if (ink.length < LEAST_INK) return UNCUT
  const columns = new Uint32Array(grey.width)
  const rows = new Uint32Array(grey.height)
  for (const { x, y } of ink) {
    columns[x] = (columns[x] ?? 0) + 1
    rows[y] = (rows[y] ?? 0) + 1
  }
  const [left, right] = span(columns)
  const [top, bottom] = span(rows)
  return { left: share(left), top: share(top), right: share(right), bottom: share(bottom) }
}

/** Shares before the first and behind the last line that holds more than a speck. */
function span(counts: Uint32Array): [number, number] {
  const isWritten = (count: number) => count >= 2
  const first = counts.findIndex(isWritten)
  const last = counts.findLastIndex(isWritten)
  return [first / counts.length, (counts.length - 1 - last) / counts.length]
}

function share(cut: number): number {
  return Math.round(Math.min(MOST_CUT, Math.max(0, cut - MARGIN)) * 1000) / 1000
}
