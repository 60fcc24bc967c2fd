// A bundle as one ZIP.

import { fail } from '../../../core/errors'
import { archiveNames, isPacked } from '../../../core/formats/index'
import type { Actor } from '../actor'
import { openContent } from '../documents/openContent'
import { readBundle } from './bundles'
import { zipOf } from './zip'

export interface Archive {
  readonly name: string
  readonly bytes: AsyncGenerator<Uint8Array>
}

/** Throws notFound, bundle.empty. */
export async function archiveBundle(actor: Actor, id: string): Promise<Archive> {
  const { bundle, documents } = await readBundle(actor, id)
  if (documents.length === 0) fail('bundle.empty', { name: bundle.name })
  const names = archiveNames(documents)
  const files = documents.map((document, index) => ({
    name: names[index] ?? document.name,
    changedAt: new Date(document.changedAt),
    isPacked: isPacked(document.extension),
    read: () => contentOf(actor, document.id),
  }))
  return { name: bundle.name, bytes: zipOf(files) }
}

async function contentOf(actor: Actor, id: string): Promise<AsyncIterable<Uint8Array>> {
  const { size, read } = await openContent(actor, id, null)
  return read(0, size - 1)
}
