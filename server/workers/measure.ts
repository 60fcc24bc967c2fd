import type { PoolFacts } from './processPool'
import { workerFacts } from './documents'
import { residentMemory } from './residentMemory'

/** How the processes that open documents fare, with the memory they hold. */
export function measureWorkers(): Promise<(PoolFacts & { memoryBytes: number })[]> {
  return Promise.all(
    workerFacts().map(async pool => {
      const memory = await Promise.all(pool.pids.map(pid => residentMemory(pid)))
      return { ...pool, memoryBytes: memory.reduce<number>((sum, bytes) => sum + (bytes ?? 0), 0) }
    }),
  )
}
