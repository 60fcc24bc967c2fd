// Bytes on their way to the process that opens them: a file in a folder of our own, so that the server never holds a
// whole document.

import { mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { open, unlink, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { randomUUID } from 'node:crypto'

/** Bytes of a document: in memory, or as they come from the store. */
export type Content = Uint8Array | AsyncIterable<Uint8Array>

let folder: string | null = null

/** Gives `work` the path of a file that holds the content; the file is gone afterwards. */
export async function withStagedFile<T>(content: Content, work: (path: string) => Promise<T>): Promise<T> {
  const path = join(stagingFolder(), randomUUID())
  try {
    await writeContent(path, content)
    return await work(path)
  } finally {
    await unlink(path).catch(() => {
      /* it was never made, as when the database went away */
    })
  }
}

export async function writeContent(path: string, content: Content): Promise<void> {
  if (content instanceof Uint8Array) return writeFile(path, content, { mode: 0o600 })
  const file = await open(path, 'wx', 0o600)
  try {
    for await (const part of content) await file.write(part)
  } finally {
    await file.close()
  }
}

/** A folder of this server, gone when it ends. */
export function stagingFolder(): string {
  if (folder === null) {
    clearAbandoned()
    const made = mkdtempSync(join(tmpdir(), `hembix-${process.pid}-`))
    folder = made
    process.once('exit', () => {
      rmSync(made, { recursive: true, force: true })
    })
  }
  return folder
}

/** A server that was killed could not clear its folder away: what is in it are documents of people. */
function clearAbandoned(): void {
  for (const name of readdirSync(tmpdir())) {
    const pid = Number(/^hembix-(\d+)-/.exec(name)?.[1])
    if (pid > 0 && !isRunning(pid)) rmSync(join(tmpdir(), name), { recursive: true, force: true })
  }
}

function isRunning(pid: number): boolean {
  try {
    process.kill(pid, 0)
    return true
  } catch (error) {
    return (error as NodeJS.ErrnoException).code !== 'ESRCH' // another user's process runs as well
  }
}
