import type { Grey } from './skew'

const WHITE = 255
// At the size of a letter sheet with 150 dots an inch; a full stop has about twice as many points.
const SPECK_POINTS = 9
const SHEET_WIDTH = 1240
/** Darker than this is dust or ink. */
const DARK = 200

/**
 * The picture without its dust: dark spots of a few points that touch nothing else are made white, since they are
 * taken for letters. Spots grow with the size of the picture.
 */
export function withoutSpecks({ width, height, points }: Grey): Uint8Array {
  const clean = points.slice()
  const seen = new Uint8Array(points.length)
  const most = Math.max(2, Math.round(SPECK_POINTS * (width / SHEET_WIDTH) ** 2))
  for (let start = 0; start < points.length; start++) {
    if (seen[start] === 1 || (points[start] ?? WHITE) >= DARK) continue
    const spot = spotAt(start, width, height, points, seen)
    if (spot.length <= most) for (const at of spot) clean[at] = WHITE
  }
  return clean
}

/** All dark points that hang together with this one; they are marked as seen. */
function spotAt(start: number, width: number, height: number, points: Uint8Array, seen: Uint8Array): number[] {
  const spot = [start]
  seen[start] = 1
  for (let next = 0; next < spot.length; next++) {
    const at = spot[next] ?? 0
    const [x, y] = [at % width, Math.floor(at / width)]
    for (let dy = -1; dy <= 1; dy++) {
      for (let dx = -1; dx <= 1; dx++) {
        if (x + dx < 0 || x + dx >= width || y + dy < 0 || y + dy >= height) continue
        const beside = at + dy * width + dx
        if (seen[beside] === 1 || (points[beside] ?? WHITE) >= DARK) continue
        seen[beside] = 1
        spot.push(beside)
      }
    }
  }
  return spot
}
