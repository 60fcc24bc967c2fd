// How far two colours look apart, to all eyes.

import { converter, differenceCiede2000, modeLab65, modeLrgb, modeRgb, modeXyz65, useMode } from 'culori/fn'
import type { Lab65, Lrgb } from 'culori/fn'

for (const mode of [modeRgb, modeLrgb, modeXyz65, modeLab65]) useMode(mode)
const linear = converter('lrgb')
const lab = converter('lab65')

/** CIEDE2000 of two L*a*b* colours under D65. */
const ciede2000 = differenceCiede2000()

type Triple = readonly [number, number, number]

export const VISIONS = ['protanopia', 'deuteranopia', 'tritanopia'] as const
export type Vision = (typeof VISIONS)[number]

/**
 * Matrices for full severity on linear RGB: Machado, Oliveira, Fernandes, "A Physiologically-based Model for Simulation
 * of Color Vision Deficiency", 2009.
 */
const SEEN: Readonly<Record<Vision, readonly [Triple, Triple, Triple]>> = {
  protanopia: [
    [0.152286, 1.052583, -0.204868],
    [0.114503, 0.786281, 0.099216],
    [-0.003882, -0.048116, 1.051998],
  ],
  deuteranopia: [
    [0.367322, 0.860646, -0.227968],
    [0.280085, 0.672501, 0.047413],
    [-0.01182, 0.04294, 0.968881],
  ],
  tritanopia: [
    [1.255528, -0.076749, -0.178779],
    [-0.078411, 0.930809, 0.147602],
    [0.004733, 0.691367, 0.3039],
  ],
}

/** Light of `#rrggbb` as it is seen, in linear RGB: the package's own filters take coded values for light. */
function seen(hex: string, vision: Vision | null): Lrgb {
  const colour = linear(hex) ?? { mode: 'lrgb', r: 0, g: 0, b: 0 }
  if (vision === null) return colour
  const [r = 0, g = 0, b = 0] = SEEN[vision].map(([x, y, z]) =>
    Math.max(0, Math.min(1, x * colour.r + y * colour.g + z * colour.b)),
  )
  return { mode: 'lrgb', r, g, b }
}

/** CIEDE2000 of two `#rrggbb` colours as they are seen; null: without a deficiency. */
export function distance(a: string, b: string, vision: Vision | null = null): number {
  const [one, other]: Lab65[] = [lab(seen(a, vision)), lab(seen(b, vision))]
  return one && other ? ciede2000(one, other) : 0
}

/** The smallest distance over all ways of seeing, and which one it is. */
export function leastDistance(a: string, b: string): { readonly distance: number; readonly vision: Vision | null } {
  return [null, ...VISIONS]
    .map(vision => ({ vision, distance: distance(a, b, vision) }))
    .reduce((least, one) => (one.distance < least.distance ? one : least))
}
