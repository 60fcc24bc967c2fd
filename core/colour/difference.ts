// How far two colours look apart, to all eyes.

type Triple = readonly [number, number, number]

/** Linear light of `#rrggbb`, 0 to 1 each (IEC 61966-2-1). */
export function linear(hex: string): Triple {
  const part = (from: number) => {
    const value = Number.parseInt(hex.slice(from, from + 2), 16) / 255
    return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4
  }
  return [part(1), part(3), part(5)]
}

/** CIE 1976 L*a*b* under D65 of linear light. */
function lab([r, g, b]: Triple): Triple {
  const [x, y, z] = [
    0.4124564 * r + 0.3575761 * g + 0.1804375 * b,
    0.2126729 * r + 0.7151522 * g + 0.072175 * b,
    0.0193339 * r + 0.119192 * g + 0.9503041 * b,
  ]
  const f = (value: number) => (value > 216 / 24389 ? Math.cbrt(value) : ((value * 24389) / 27 + 16) / 116)
  const [fx, fy, fz] = [f(x / 0.95047), f(y), f(z / 1.08883)]
  return [116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz)]
}

/** CIEDE2000 (Sharma, Wu, Dalal: "The CIEDE2000 Color-Difference Formula", 2005) of two L*a*b* colours. */
export function ciede2000([l1, a1, b1]: Triple, [l2, a2, b2]: Triple): number {
  const rad = Math.PI / 180
  const c = (Math.hypot(a1, b1) + Math.hypot(a2, b2)) / 2
  const g = 0.5 * (1 - Math.sqrt(c ** 7 / (c ** 7 + 25 ** 7)))
  const [p1, p2] = [a1 * (1 + g), a2 * (1 + g)]
  const [c1, c2] = [Math.hypot(p1, b1), Math.hypot(p2, b2)]
  const hue = (a: number, b: number) => (a === 0 && b === 0 ? 0 : (Math.atan2(b, a) / rad + 360) % 360)
  const [h1, h2] = [hue(p1, b1), hue(p2, b2)]
  const turn = c1 * c2 === 0 ? 0 : h2 - h1 > 180 ? h2 - h1 - 360 : h2 - h1 < -180 ? h2 - h1 + 360 : h2 - h1
  const [dl, dc, dh] = [l2 - l1, c2 - c1, 2 * Math.sqrt(c1 * c2) * Math.sin((turn * rad) / 2)]
  const [lm, cm] = [(l1 + l2) / 2, (c1 + c2) / 2]
  const sum = h1 + h2
  const hm = c1 * c2 === 0 ? sum : Math.abs(h1 - h2) <= 180 ? sum / 2 : sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2
  const t =
    1 -
    0.17 * Math.cos((hm - 30) * rad) +
    0.24 * Math.cos(2 * hm * rad) +
    0.32 * Math.cos((3 * hm + 6) * rad) -
    0.2 * Math.cos((4 * hm - 63) * rad)
  const sl = 1 + (0.015 * (lm - 50) ** 2) / Math.sqrt(20 + (lm - 50) ** 2)
  const [sc, sh] = [1 + 0.045 * cm, 1 + 0.015 * cm * t]
  const rt =
    -Math.sin(2 * 30 * Math.exp(-(((hm - 275) / 25) ** 2)) * rad) * 2 * Math.sqrt(cm ** 7 / (cm ** 7 + 25 ** 7))
  return Math.sqrt((dl / sl) ** 2 + (dc / sc) ** 2 + (dh / sh) ** 2 + rt * (dc / sc) * (dh / sh))
}

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

function seen(colour: Triple, vision: Vision | null): Triple {
  if (vision === null) return colour
  const [r, g, b] = SEEN[vision].map(([x, y, z]) =>
    Math.max(0, Math.min(1, x * colour[0] + y * colour[1] + z * colour[2])),
  )
  return [r ?? 0, g ?? 0, b ?? 0]
}

/** CIEDE2000 of two `#rrggbb` colours as they are seen; null: without a deficiency. */
export function distance(a: string, b: string, vision: Vision | null = null): number {
  return ciede2000(lab(seen(linear(a), vision)), lab(seen(linear(b), vision)))
}

/** The smallest distance over all ways of seeing, and which one it is. */
export function leastDistance(a: string, b: string): { readonly distance: number; readonly vision: Vision | null } {
  return [null, ...VISIONS]
    .map(vision => ({ vision, distance: distance(a, b, vision) }))
    .reduce((least, one) => (one.distance < least.distance ? one : least))
}
