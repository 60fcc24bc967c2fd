// A ZIP (PKWARE APPNOTE 6.3) that is written while its files are read. Where a file or the archive outgrows 4 GB, or
// there are more than 65,535 files, it has the fields of ZIP64.

import { Readable } from 'node:stream'
import ZipStream from 'zip-stream'

export interface ZippedFile {
  readonly name: string
  readonly changedAt: Date
  /** It is packed already and goes in as it is. */
  readonly isPacked: boolean
  readonly read: () => Promise<AsyncIterable<Uint8Array>>
}

// The earliest time that the format can say, whatever the zone.
const EARLIEST = new Date(Date.UTC(1980, 0, 2))

/** Files are opened one after the other, as far as the archive is asked for. What a reader throws ends it. */
export async function* zipOf(files: Iterable<ZippedFile>): AsyncGenerator<Uint8Array> {
  const zip = new ZipStream({ level: 6 })
  const writing = writeFiles(zip, files).catch((error: unknown) => {
    zip.destroy(error instanceof Error ? error : new Error(String(error)))
  })
  try {
    for await (const part of zip) yield part as Uint8Array
    await writing
  } finally {
    zip.destroy()
  }
}

async function writeFiles(zip: ZipStream, files: Iterable<ZippedFile>): Promise<void> {
  for (const file of files) {
    if (zip.destroyed) return
    await writeFile(zip, file)
  }
  zip.finish()
}

async function writeFile(zip: ZipStream, { name, changedAt, isPacked, read }: ZippedFile): Promise<void> {
  const source = Readable.from(await read(), { objectMode: false })
  try {
    await new Promise<void>((resolve, reject) => {
      source.once('error', reject)
      zip.once('close', resolve) // nobody reads on
      const date = changedAt > EARLIEST ? changedAt : EARLIEST
      zip.entry(source, { name, date, store: isPacked }, error => {
        zip.off('close', resolve)
        if (error) reject(error)
        else resolve()
      })
    })
  } finally {
    source.destroy()
  }
}
