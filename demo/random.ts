// A small seeded generator (mulberry32), so that the demo plan and random tests are the same every time.

export interface Random {
  /** 0 up to, not with, 1. */
  next: () => number
  /** A whole number from low up to and with high. */
  int: (low: number, high: number) => number
  pick: <T>(from: readonly T[]) => T
  /** `count` different ones, in random order. */
  some: <T>(from: readonly T[], count: number) => T[]
}

export function seeded(seed: number): Random {
  let state = seed >>> 0
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296
  }
  const int = (low: number, high: number) => low + Math.floor(next() * (high - low + 1))
  const pick = <T>(from: readonly T[]): T => {
    const chosen = from[int(0, from.length - 1)]
    if (chosen === undefined) throw new Error('There is nothing to pick from.')
    return chosen
  }
  const some = <T>(from: readonly T[], count: number): T[] => {
    const rest = [...from]
    return Array.from({ length: Math.min(count, rest.length) }, () => rest.splice(int(0, rest.length - 1), 1)).flat()
  }
  return { next, int, pick, some }
}
