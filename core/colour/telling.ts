// Which colours of a key are hard to tell apart, or to see, and what would be better.

import { formatHex, modeOklch, modeRgb, toGamut, useMode } from 'culori/fn'
import { contrast, INKS } from './colour'
import type { Vision } from './difference'
import { leastDistance } from './difference'

for (const mode of [modeRgb, modeOklch]) useMode(mode)
const toRgb = toGamut('rgb', 'oklch')

/** Under this CIEDE2000 distance two stripes are easily mixed up. */
const TELL_APART = 9
/** WCAG 2.2, 1.4.11: what carries a meaning stands out from its ground by at least this. */
const STANDS_OUT = 3
const PAPER = '#F4F1EA'

interface Inked {
  readonly id: string
  readonly name: string
  readonly ink: string
  readonly pattern: string
}

export interface Confusable {
  readonly a: string
  readonly b: string
  readonly vision: Vision | null
  /** An ink of the published set that is further from all others, for the second of them; null when there is none. */
  readonly better: string | null
}

/** Pairs that look alike to somebody; two with different patterns are told apart by them. */
export function confusables(meanings: readonly Inked[]): Confusable[] {
  const pairs: Confusable[] = []
  meanings.forEach((a, index) => {
    for (const b of meanings.slice(index + 1)) {
      const { distance, vision } = leastDistance(a.ink, b.ink)
      if (distance < TELL_APART && a.pattern === b.pattern)
        pairs.push({
          a: a.id,
          b: b.id,
          vision,
          better: betterInk(meanings.filter(one => one.id !== b.id).map(one => one.ink)),
        })
    }
  })
  return pairs
}

/** The ink of the set that lies furthest from all of these. */
export function betterInk(others: readonly string[]): string | null {
  const ranked = INKS.map(ink => ({
    ink,
    room: Math.min(...others.map(other => leastDistance(ink, other).distance), 100),
  })).sort((a, b) => b.room - a.room)
  const [best] = ranked
  return best && best.room >= TELL_APART ? best.ink : null
}

const inHex = (lightness: number, hue: number) => formatHex(toRgb({ mode: 'oklch', l: lightness, c: 0.11, h: hue }))

/** Inks all round the wheel of OKLCH (Björn Ottosson, 2020), dark and lighter, all of them easily seen on paper. */
const WHEEL: readonly string[] = [0.4, 0.52, 0.62]
  .flatMap(lightness => Array.from({ length: 24 }, (_, step) => inHex(lightness, step * 15).toUpperCase()))
  .filter(ink => contrast(ink, PAPER) >= STANDS_OUT)

/** An ink for one more colour: none that is taken or taken for another, also once the set is used up. */
export function freshInk(taken: readonly string[]): string {
  const room = (ink: string) => Math.min(...taken.map(other => leastDistance(ink, other).distance), 100)
  const [furthest] = [...WHEEL].sort((a, b) => room(b) - room(a))
  return betterInk(taken) ?? furthest ?? INKS[0]
}

/** Contrast of an ink against paper, and whether a stripe of it is easily seen. */
export function standsOut(ink: string, paper = PAPER): { readonly ratio: number; readonly enough: boolean } {
  const ratio = contrast(ink, paper)
  return { ratio, enough: ratio >= STANDS_OUT }
}
