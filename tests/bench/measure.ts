export interface Figure { readonly name: string; readonly p50: number; readonly p95: number; readonly count: number }

/** Runs `work` once for each input, one after the other, and gives the median and 95th percentile in milliseconds. The first tenth warms up and is not counted. */
export async function timings<I>(name: string, inputs: readonly I[], work: (input: I) => Promise<unknown>): Promise<Figure> {
  const taken: number[] = []
  for (const [index, input] of inputs.entries()) {
    const began = performance.now()
    await work(input)
    if (index >= inputs.length / 10) taken.push(performance.now() - began)
  }
  taken.sort((a, b) => a - b)
  const at = (share: number) => taken[Math.min(taken.length - 1, Math.floor(taken.length * share))] ?? 0
  return { name, p50: at(0.5), p95: at(0.95), count: taken.length }
}

export function row({ name, p50, p95, count }: Figure): string {
  return `| ${name} | ${p50.toFixed(1)} | ${p95.toFixed(1)} | ${count} |`
}
