// The process that opens documents: one task at a time, answered with bytes (v8). It has no connection to anything but
// its parent and ends with it.

import { readFile } from 'node:fs/promises'
import { serialize } from 'node:v8'
import { outcomeOf } from './carryOut'
import type { Failure, StagedTask, Task } from './outcome'
import { DAMAGED, Unreadable } from './outcome'

const OUTPUT_LIMIT_BYTES = 256 * 1024 * 1024

process.on('message', (task: StagedTask) => {
  void answer(task)
})
process.on('disconnect', () => process.exit(0))
// What a document makes of its reader outside of any promise is a damaged document as well, and not the end of others.
process.on('uncaughtException', error => {
  failed(error)
})
process.on('unhandledRejection', error => {
  failed(error)
})

let isAnswering = false

async function answer({ file, ...rest }: StagedTask): Promise<void> {
  isAnswering = true
  try {
    const reply = serialize(await outcomeOf({ ...rest, bytes: new Uint8Array(await readFile(file)) } as Task))
    if (reply.length > OUTPUT_LIMIT_BYTES) throw new Unreadable('It holds more than Hembix can take in.')
    send({ value: reply })
  } catch (error) {
    failed(error)
  }
}

function failed(error: unknown): void {
  const reply: Failure = { ok: false, reason: error instanceof Unreadable ? error.message : DAMAGED }
  if (!(error instanceof Unreadable))
    process.stderr.write(`${error instanceof Error ? error.stack : JSON.stringify(error)}\n`)
  send({ value: serialize(reply) })
}

/** One answer for each task: what breaks afterwards belongs to no task. */
function send(reply: { readonly value: Uint8Array }): void {
  if (!isAnswering) return
  isAnswering = false
  process.send?.(reply)
}
