// One child process that carries out one task at a time, with limits on time and resident memory. A document can end
// it; nothing a document does can end the server.

import type { ChildProcess } from 'node:child_process'
import { fork } from 'node:child_process'
import { constants, setPriority } from 'node:os'
import { deserialize } from 'node:v8'
import { residentMemory } from './residentMemory'

export interface Limits {
  readonly timeMs: number
  /** Resident memory, not only the heap. */
  readonly memoryBytes: number
}

/** Why a task has no reply. `crash` is the only one that says nothing about the document for sure. */
export type Ending = 'time' | 'memory' | 'crash' | 'stopped'

export class ProcessEnded extends Error {
  constructor(
    readonly ending: Ending,
    detail: string,
  ) {
    super(detail)
  }
}

/** What a child sends: its reply as bytes (v8), or the message of an error that it threw. */
export type Reply = { readonly value: Uint8Array } | { readonly threw: string }

const MEMORY_CHECK_MS = 100
const WORDS_KEPT = 2000

interface Current {
  readonly resolve: (value: unknown) => void
  readonly reject: (error: Error) => void
  readonly timers: readonly NodeJS.Timeout[]
}

/**
 * What somebody waits for, before what is read in the background, before pages of pictures: these take the longest, and
 * a document is mostly found without them.
 */
const NICENESS = { showing: 10, reading: 15, recognising: constants.priority.PRIORITY_LOW } as const
export type Niceness = keyof typeof NICENESS

export class Child {
  private readonly process: ChildProcess
  private current: Current | null = null
  private killedFor: Ending | null = null
  private lastWords = ''
  private over = false

  constructor(
    program: string,
    { heapMegabytes, niceness }: { readonly heapMegabytes: number; readonly niceness: Niceness },
    private readonly onEnd: (ending: Ending, wasBusy: boolean) => void,
  ) {
    this.process = fork(program, {
      serialization: 'advanced',
      stdio: ['ignore', 'ignore', 'pipe', 'ipc'],
      execArgv: [`--max-old-space-size=${heapMegabytes}`],
      env: childEnvironment(),
    })
    lowerPriority(this.process.pid, niceness)
    this.process.stderr?.on('data', (part: Buffer) => {
      this.lastWords = (this.lastWords + part.toString()).slice(-WORDS_KEPT)
    })
    this.process.on('message', (reply: Reply) => {
      this.answer(reply)
    })
    this.process.on('error', () => {
      this.end(null, 'SIGKILL')
    }) // it could not be started, or not be written to
    this.process.on('exit', (code, signal) => {
      this.end(code, signal)
    })
    this.keepAlive(false)
  }

  get pid(): number | undefined {
    return this.process.pid
  }

  /** Throws ProcessEnded when the process ends first, and an Error with what the task threw. */
  run(task: object, limits: Limits): Promise<unknown> {
    return new Promise((resolve, reject) => {
      const timers = [
        setTimeout(() => {
          this.kill('time')
        }, limits.timeMs),
        setInterval(() => void this.checkMemory(limits.memoryBytes), MEMORY_CHECK_MS),
      ]
      this.current = { resolve, reject, timers }
      this.keepAlive(true)
      this.process.send(task, error => {
        if (error) this.kill('crash')
      })
    })
  }

  kill(ending: Ending): void {
    this.killedFor ??= ending
    this.process.kill('SIGKILL')
  }

  private answer(reply: Reply): void {
    const done = this.take()
    if (!done) return
    if ('threw' in reply) done.reject(new Error(reply.threw))
    else done.resolve(deserialize(Buffer.from(reply.value)))
  }

  private async checkMemory(limit: number): Promise<void> {
    const { pid } = this.process
    const used = pid === undefined ? null : await residentMemory(pid)
    if (used !== null && used > limit && this.current) this.kill('memory')
  }

  private end(code: number | null, signal: NodeJS.Signals | null): void {
    if (this.over) return
    this.over = true
    const ending = this.killedFor ?? (/heap out of memory/i.test(this.lastWords) ? 'memory' : 'crash')
    const done = this.take()
    this.onEnd(ending, done !== null)
    done?.reject(new ProcessEnded(ending, signal === null ? `exit code ${code}` : `signal ${signal}`))
  }

  private take(): Current | null {
    const done = this.current
    this.current = null
    for (const timer of done?.timers ?? []) clearTimeout(timer)
    if (done) this.keepAlive(false)
    return done
  }

  /** A process that has nothing to do must not keep the server from ending. */
  private keepAlive(on: boolean): void {
    if (on) {
      this.process.ref()
      this.process.channel?.ref()
    } else {
      this.process.unref()
      this.process.channel?.unref()
    }
    const words = this.process.stderr as { unref?: () => void } | null
    words?.unref?.()
  }
}

/** Nothing secret goes to where documents are opened: no address of the database, no passwords. */
function childEnvironment(): NodeJS.ProcessEnv {
  const { PATH, HOME, LANG, TMPDIR, NODE_ENV, HEMBIX_WORKERS } = process.env
  return { PATH, HOME, LANG, TMPDIR, NODE_ENV, HEMBIX_WORKERS }
}

/** Behind the server, and how far. */
export function lowerPriority(pid: number | undefined, niceness: Niceness): void {
  if (pid === undefined) return
  try {
    setPriority(pid, NICENESS[niceness])
  } catch (error) {
    if (
      (error as NodeJS.ErrnoException).code !== 'ESRCH' &&
      (error as { info?: { code?: string } }).info?.code !== 'ESRCH'
    )
      throw error // it ended at once
  }
}
