// A bundle as one ZIP (PKWARE APPNOTE), written while it is read: no more than a part of a file is in memory.

import { Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { fail } from '../../../core/errors'
import { archiveNames, isPacked, sizeText } from '../../../core/formats/index'
import type { Actor } from '../actor'
import { openContent } from '../documents/openContent'
import { readBundle } from './bundles'

// Without the extension for large archives, sizes are written in 32 bits.
const ARCHIVE_LIMIT_BYTES = 4_000_000_000

export interface Archive {
  readonly name: string
  readonly bytes: AsyncGenerator<Uint8Array>
}

/** Throws notFound, bundle.large, bundle.empty. */
export async function archiveBundle(actor: Actor, id: string): Promise<Archive> {
  const { bundle, documents } = await readBundle(actor, id)
  if (documents.length === 0) fail('bundle.empty', { name: bundle.name })
  const total = documents.reduce((sum, document) => sum + document.size, 0)
  if (total > ARCHIVE_LIMIT_BYTES)
    fail('bundle.large', { name: bundle.name, size: sizeText(total), limit: sizeText(ARCHIVE_LIMIT_BYTES) })
  const names = archiveNames(documents)
  return {
    name: bundle.name,
    bytes: write(
      actor,
      documents.map((document, index) => ({
        id: document.id,
        extension: document.extension,
        name: names[index] ?? document.name,
        changedAt: document.changedAt,
      })),
    ),
  }
}

async function* write(
  actor: Actor,
  files: readonly {
    readonly id: string
    readonly extension: string
    readonly name: string
    readonly changedAt: string
  }[],
): AsyncGenerator<Uint8Array> {
  const ready: Uint8Array[] = []
  const faults: Error[] = []
  const zip = new Zip((error, part) => {
    if (error) faults.push(error)
    else ready.push(part)
  })
  for (const { id, extension, name, changedAt } of files) {
    const file = isPacked(extension) ? new ZipPassThrough(name) : new ZipDeflate(name, { level: 6 })
    file.mtime = new Date(Math.max(Date.parse(changedAt), Date.UTC(1980, 0, 2)))
    zip.add(file)
    const content = await openContent(actor, id, null)
    if (content.size > 0) {
      for await (const part of content.read(0, content.size - 1)) {
        file.push(new Uint8Array(part))
        yield* ready.splice(0)
      }
    }
    file.push(new Uint8Array(0), true)
    yield* ready.splice(0)
  }
  zip.end()
  yield* ready.splice(0)
  const [fault] = faults
  if (fault) throw fault
}
