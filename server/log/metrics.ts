// Figures for whoever runs the server, in Prometheus' text format.

import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client'

const registry = new Registry()
collectDefaultMetrics({ register: registry, prefix: 'hembix_' })

const requestSeconds = new Histogram({
  name: 'hembix_request_seconds',
  help: 'Time to answer a request',
  labelNames: ['method', 'route', 'status'],
  buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 10],
  registers: [registry],
})
const faults = new Counter({
  name: 'hembix_faults_total',
  help: 'Faults inside Hembix (answered with 500, or outside of a request)',
  registers: [registry],
})
const readersEnded = new Gauge({
  name: 'hembix_readers_ended',
  help: 'Processes that opened a document and ended by it, since the start',
  labelNames: ['pool', 'how'],
  registers: [registry],
})
const readersDone = new Gauge({
  name: 'hembix_readers_done',
  help: 'Documents and pages that were opened, since the start',
  labelNames: ['pool'],
  registers: [registry],
})
const readersWaiting = new Gauge({
  name: 'hembix_readers_waiting',
  help: 'Tasks that wait for a process',
  labelNames: ['pool'],
  registers: [registry],
})
const readersMemory = new Gauge({
  name: 'hembix_readers_memory_bytes',
  help: 'Resident memory of the processes that open documents',
  labelNames: ['pool'],
  registers: [registry],
})
const waiting = new Gauge({
  name: 'hembix_waiting',
  help: 'What waits to be opened, in the database',
  labelNames: ['what'],
  registers: [registry],
})
const databaseUp = new Gauge({
  name: 'hembix_database_up',
  help: '1 while the database answers',
  registers: [registry],
})
const databaseConnections = new Gauge({
  name: 'hembix_database_connections',
  help: 'Connections of this server to the database',
  labelNames: ['state'],
  registers: [registry],
})

export function noteRequest(
  labels: { readonly method: string; readonly route: string; readonly status: string },
  seconds: number,
): void {
  requestSeconds.observe(labels, seconds)
}

export function noteFault(): void {
  faults.inc()
}

export interface Facts {
  readonly pools: readonly {
    readonly name: string
    readonly waiting: number
    readonly done: number
    readonly ended: Readonly<Record<string, number>>
    readonly memoryBytes: number
  }[]
  /** null: the database does not answer. */
  readonly waiting: Readonly<Record<string, number>> | null
  readonly connections: { readonly open: number; readonly idle: number }
}

/** All figures, with what only holds at this moment. */
export function metricsText({ pools, waiting: counts, connections }: Facts): Promise<string> {
  for (const pool of pools) {
    for (const [how, count] of Object.entries(pool.ended)) readersEnded.set({ pool: pool.name, how }, count)
    readersDone.set({ pool: pool.name }, pool.done)
    readersWaiting.set({ pool: pool.name }, pool.waiting)
    readersMemory.set({ pool: pool.name }, pool.memoryBytes)
  }
  databaseUp.set(counts === null ? 0 : 1)
  for (const [what, count] of Object.entries(counts ?? {})) waiting.set({ what }, count)
  databaseConnections.set({ state: 'open' }, connections.open)
  databaseConnections.set({ state: 'idle' }, connections.idle)
  return registry.metrics()
}
