// Random shares of all documents, by which many hits are told from few, and counted by estimate, without finding them
// all.

/**
 * From a half down, each half as large as the one before, no document in two of them; the index of words knows them
 * (migration 000014).
 */
export const SHARES: readonly number[] = [1, 2, 3, 4, 5, 6, 7, 8].map(power => 1 / 2 ** power)

/** The smallest share that should hold `wanted` of the hits that are expected; null where that is none. */
export function shareFor(expected: number, wanted: number): number | null {
  return SHARES.filter(share => expected * share >= wanted).at(-1) ?? null
}

// Of so many hits as are asked for, the share would hold so many standard deviations fewer (binomial, taken as normal).
const DEVIATIONS = 10

/** Whether so many found in a share leave no doubt that there are more than `most` in all. */
export function provesMore(found: number, share: number, most: number): boolean {
  return found > most * share + DEVIATIONS * (Math.sqrt(most * share * (1 - share)) + 1)
}

// The guess of how many there are may be so much too high.
const TRUSTED = 0.85

/**
 * The smallest share that should prove, by so many hits as are expected, that there are more than `most`; null where
 * none would.
 */
export function shareProving(expected: number, most: number): number | null {
  return SHARES.filter(share => provesMore(expected * TRUSTED * share, share, most)).at(-1) ?? null
}

/** How many there are in all when `found` are in a share: two digits that mean something. The whole share is exact. */
export function estimated(found: number, share: number): number {
  if (share === 1 || found === 0) return found
  const all = found / share
  const step = 10 ** Math.max(0, Math.floor(Math.log10(all)) - 1)
  return Math.round(all / step) * step
}
