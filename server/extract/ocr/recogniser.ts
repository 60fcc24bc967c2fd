// Starts the program that recognises text when it is first needed, and again when it dies or takes too long.

import type { ChildProcess } from 'node:child_process'
import { fork } from 'node:child_process'
import { workerFile } from '../readers'
import type { Answer, Ask, Seen } from './messages'

const TIME_LIMIT_MS = 120_000
const IDLE_MS = 120_000

export interface Recogniser {
  /** The text of a page; throws a sentence when it cannot be told. `languages` are three-letter codes, the likeliest first. */
  see: (png: Uint8Array, languages: readonly string[]) => Promise<Seen>
  stop: () => void
}

interface Waiting { readonly resolve: (seen: Seen) => void; readonly reject: (error: Error) => void; readonly timer: NodeJS.Timeout }

export function startRecogniser(): Recogniser {
  const waiting = new Map<number, Waiting>()
  let program: ChildProcess | null = null
  let count = 0
  let idle: NodeJS.Timeout | null = null

  const end = (why: string) => {
    const ending = program
    program = null
    ending?.removeAllListeners()
    ending?.kill('SIGKILL')
    for (const [id, { reject, timer }] of waiting) { clearTimeout(timer); waiting.delete(id); reject(new Error(why)) }
  }

  const begin = (): ChildProcess => {
    const started = fork(workerFile('ocr.mjs'), { serialization: 'advanced', stdio: ['ignore', 'ignore', 'ignore', 'ipc'] })
    started.unref()
    started.channel?.unref()
    started.on('message', (answer: Answer) => {
      const one = waiting.get(answer.id)
      if (!one) return
      clearTimeout(one.timer)
      waiting.delete(answer.id)
      if ('seen' in answer) one.resolve(answer.seen)
      else one.reject(new Error(`Its picture could not be read (${answer.failed}).`))
    })
    started.on('exit', () => end('The program that recognises text ended; it is started anew.'))
    return started
  }

  return {
    see(png, languages) {
      if (idle) clearTimeout(idle)
      idle = setTimeout(() => { if (waiting.size === 0) end('') }, IDLE_MS)
      idle.unref()
      program ??= begin()
      const ask: Ask = { id: ++count, png, languages }
      return new Promise((resolve, reject) => {
        const timer = setTimeout(() => end(`Recognising its text took longer than ${TIME_LIMIT_MS / 1000} seconds.`), TIME_LIMIT_MS)
        waiting.set(ask.id, { resolve, reject, timer })
        program?.send(ask)
      })
    },
    stop: () => end('Hembix is being stopped.'),
  }
}

let shared: Recogniser | null = null

/** The one of this server. */
export function recogniser(): Recogniser {
  shared ??= startRecogniser()
  return shared
}
