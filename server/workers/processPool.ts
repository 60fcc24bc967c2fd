// Tasks of several owners (plans) on a few child processes. Owners take turns, and no owner has all processes: one with
// five thousand files does not hold up another's single one.

import type { Ending, Limits, Niceness } from './childProcess'
import { Child, ProcessEnded } from './childProcess'

export interface PoolOptions {
  readonly name: string
  /** The file that each process runs. */
  readonly program: () => string
  readonly size: number
  readonly limits: Limits
  readonly heapMegabytes: number
  /** A process that had nothing to do for so long is ended, but for the spare ones. */
  readonly idleMs: number
  /** So many stand ready although there is nothing to do; 0 unless said. */
  readonly spare?: number
  /** How far behind the server it stands for the processors. */
  readonly niceness: Niceness
  /** Tasks of one owner that may wait; more are refused with TooManyWaiting. */
  readonly waitingPerOwner: number
}

export class TooManyWaiting extends Error {}

export interface PoolFacts {
  readonly name: string
  readonly processes: number
  readonly busy: number
  readonly waiting: number
  readonly done: number
  readonly ended: Readonly<Record<Ending, number>>
  readonly pids: readonly number[]
}

interface Waiting {
  readonly owner: string
  readonly task: object
  readonly resolve: (value: unknown) => void
  readonly reject: (error: unknown) => void
}
interface Worker {
  readonly child: Child
  owner: string | null
  idle: NodeJS.Timeout | null
}

export class ProcessPool {
  private readonly workers: Worker[] = []
  private readonly waiting: Waiting[] = []
  private readonly ended: Record<Ending, number> = { time: 0, memory: 0, crash: 0, stopped: 0 }
  private done = 0
  private stopped = false

  constructor(private readonly options: PoolOptions) {}

  /** The reply of the task. Throws ProcessEnded, TooManyWaiting, or what the task threw. */
  run(owner: string, task: object): Promise<unknown> {
    if (this.stopped) return Promise.reject(new ProcessEnded('stopped', 'Hembix is being stopped.'))
    if (this.waiting.filter(one => one.owner === owner).length >= this.options.waitingPerOwner)
      return Promise.reject(new TooManyWaiting())
    return new Promise((resolve, reject) => {
      this.waiting.push({ owner, task, resolve, reject })
      this.assign()
    })
  }

  facts(): PoolFacts {
    const { name } = this.options
    const pids = this.workers.flatMap(({ child }) => child.pid ?? [])
    return {
      name,
      processes: this.workers.length,
      busy: this.workers.filter(({ owner }) => owner !== null).length,
      waiting: this.waiting.length,
      done: this.done,
      ended: { ...this.ended },
      pids,
    }
  }

  stop(): void {
    this.stopped = true
    for (const { reject } of this.waiting.splice(0)) reject(new ProcessEnded('stopped', 'Hembix is being stopped.'))
    for (const { child } of this.workers) child.kill('stopped')
  }

  private assign(): void {
    for (;;) {
      const index = this.nextIndex()
      const [next] = index < 0 ? [] : this.waiting.splice(index, 1)
      const worker = next ? this.freeWorker() : null
      if (!next || !worker) return
      void this.carryOut(worker, next)
    }
  }

  /** Of those that may begin, the one whose owner has the fewest running; of these, the first. -1: none may. */
  private nextIndex(): number {
    if (this.busyCount() >= this.options.size) return -1
    const most = Math.max(1, this.options.size - 1)
    let [best, fewest] = [-1, most]
    for (const [index, { owner }] of this.waiting.entries()) {
      const running = this.workers.filter(worker => worker.owner === owner).length
      if (running < fewest) [best, fewest] = [index, running]
      if (fewest === 0) break
    }
    return best
  }

  private busyCount(): number {
    return this.workers.filter(({ owner }) => owner !== null).length
  }

  private freeWorker(): Worker {
    const free = this.workers.find(({ owner }) => owner === null)
    if (free) return free
    const { program, heapMegabytes, niceness } = this.options
    const worker: Worker = {
      child: new Child(program(), { heapMegabytes, niceness }, (ending, wasBusy) => {
        this.drop(worker, ending, wasBusy)
      }),
      owner: null,
      idle: null,
    }
    this.workers.push(worker)
    return worker
  }

  private async carryOut(worker: Worker, { owner, task, resolve, reject }: Waiting): Promise<void> {
    worker.owner = owner
    if (worker.idle) clearTimeout(worker.idle)
    try {
      resolve(await worker.child.run(task, this.options.limits))
    } catch (error) {
      reject(error)
    }
    this.done++
    worker.owner = null
    worker.idle = setTimeout(() => {
      this.retire(worker)
    }, this.options.idleMs)
    worker.idle.unref()
    this.assign()
  }

  /** Ends an idle process, but for the spare ones. It gets no task any more, and does not count, from now on. */
  private retire(worker: Worker): void {
    if (this.workers.length <= (this.options.spare ?? 0)) return
    this.drop(worker, 'stopped', false)
    worker.child.kill('stopped')
  }

  private drop(worker: Worker, ending: Ending, wasBusy: boolean): void {
    const index = this.workers.indexOf(worker)
    if (index >= 0) this.workers.splice(index, 1)
    if (worker.idle) clearTimeout(worker.idle)
    if (wasBusy) this.ended[ending]++
  }
}
