// Documents are read on worker threads with a limit of time and memory for each. A thread that runs
// away or dies is replaced, and its document is marked.

import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import Piscina from 'piscina'
import type { Drawn, Outcome, ReadTask } from './outcome'

const TIME_LIMIT_MS = 60_000
const MEMORY_LIMIT_MB = 512

export interface Readers {
  /** Never throws: what goes wrong with a document is its outcome. */
  read: (extension: string, bytes: Buffer) => Promise<Outcome>
  /** One page (from 1) as a picture; never throws either. */
  draw: (extension: string, bytes: Buffer, page: number) => Promise<Drawn>
  /** A small picture of its beginning; never throws either. */
  thumbnail: (extension: string, bytes: Buffer, text: string) => Promise<Drawn>
  stop: () => Promise<void>
}

export function startReaders(limitMs = TIME_LIMIT_MS): Readers {
  const pool = new Piscina({
    filename: workerFile(),
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 60_000,
    resourceLimits: { maxOldGenerationSizeMb: MEMORY_LIMIT_MB },
  })
  async function run<T extends Outcome | Drawn>(task: ReadTask): Promise<T | { ok: false; reason: string }> {
    const signal = AbortSignal.timeout(limitMs)
    try {
      return await pool.run(task, { signal, transferList: [task.bytes.buffer as ArrayBuffer] }) as T
    }
    catch (error) {
      if (signal.aborted) return { ok: false, reason: `Reading it took longer than ${limitMs / 1000} seconds.` }
      return { ok: false, reason: reasonFor(error) }
    }
  }
  return {
    read: (extension, bytes) => run<Outcome>({ kind: 'read', extension, bytes: new Uint8Array(bytes) }),
    draw: (extension, bytes, page) => run<Drawn>({ kind: 'draw', extension, bytes: new Uint8Array(bytes), page }),
    thumbnail: (extension, bytes, text) => run<Drawn>({ kind: 'thumbnail', extension, bytes: new Uint8Array(bytes), text }),
    stop: () => pool.destroy(),
  }
}

/** Programs beside the server, built by scripts/build.mjs; HEMBIX_WORKERS names another folder. */
export function workerFile(program = 'reader.mjs'): string {
  const folders = [process.env.HEMBIX_WORKERS, join(process.cwd(), '.output', 'workers'), fileURLToPath(new URL('../../workers', import.meta.url))]
  for (const folder of folders) {
    const file = folder ? join(folder, program) : ''
    if (file !== '' && existsSync(file)) return file
  }
  throw new Error('The program that reads documents was not built. Run "npm run build".')
}

function reasonFor(error: unknown): string {
  const code = error instanceof Error && 'code' in error ? error.code : ''
  if (code === 'ERR_WORKER_OUT_OF_MEMORY') return 'Reading it takes more memory than is allowed.'
  return `Its reader broke down (${error instanceof Error ? error.message : String(error)}).`
}
