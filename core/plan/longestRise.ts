/** Indexes of a longest rising run of the numbers, nulls left out (patience sorting, n log n). */
export function longestRise(numbers: readonly (number | null)[]): number[] {
  const tails: number[] = []
  const before: number[] = []
  numbers.forEach((number, index) => {
    if (number === null) return
    let [low, high] = [0, tails.length]
    while (low < high) {
      const middle = (low + high) >> 1
      if ((numbers[tails[middle] ?? -1] ?? -1) < number) low = middle + 1
      else high = middle
    }
    before[index] = low > 0 ? (tails[low - 1] ?? -1) : -1
    tails[low] = index
  })
  const rise: number[] = []
  for (let at = tails.at(-1) ?? -1; at >= 0; at = before[at] ?? -1) rise.unshift(at)
  return rise
}
