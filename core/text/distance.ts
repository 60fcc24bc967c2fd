/**
 * Optimal string alignment distance (Damerau-Levenshtein where no part is edited twice): inserted,
 * left out, changed and swapped neighbouring letters each count 1. Stops early and gives limit + 1
 * where the distance is larger than the limit.
 */
export function editDistance(a: string, b: string, limit: number): number {
  if (Math.abs(a.length - b.length) > limit) return limit + 1
  let before: number[] = []
  let last = Array.from({ length: b.length + 1 }, (_, index) => index)
  for (let i = 1; i <= a.length; i++) {
    const row = [i]
    let least = i
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1]
      let cost = Math.min((last[j] ?? 0) + 1, (row[j - 1] ?? 0) + 1, (last[j - 1] ?? 0) + (same ? 0 : 1))
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        cost = Math.min(cost, (before[j - 2] ?? 0) + 1)
      row.push(cost)
      least = Math.min(least, cost)
    }
    if (least > limit) return limit + 1
    before = last
    last = row
  }
  return Math.min(last[b.length] ?? limit, limit + 1)
}

/** How many typing errors a word of this length is forgiven: 0 up to 3 letters, 1 up to 7, then 2. */
export function forgivenErrors(length: number): 0 | 1 | 2 {
  return length <= 3 ? 0 : length <= 7 ? 1 : 2
}
