export interface Figure {
  readonly name: string
  readonly p50: number
  readonly p95: number
  readonly count: number
}

/**
 * Runs `work` once for each input, one after the other, and gives the median and 95th percentile in milliseconds. The
 * first tenth warms up and is not counted.
 */
export async function timings<I>(
  name: string,
  inputs: readonly I[],
  work: (input: I) => Promise<unknown>,
): Promise<Figure> {
  const taken: number[] = []
  for (const [index, input] of inputs.entries()) {
    const began = performance.now()
    await work(input)
    if (index >= inputs.length / 10) taken.push(performance.now() - began)
  }
  return { name, p50: percentile(taken, 0.5), p95: percentile(taken, 0.95), count: taken.length }
}

/** The value below which this share of the values lies; 0 where there are none. */
export function percentile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0
}

export const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length

export function row({ name, p50, p95, count }: Figure): string {
  return `| ${name} | ${p50.toFixed(1)} | ${p95.toFixed(1)} | ${count} |`
}
