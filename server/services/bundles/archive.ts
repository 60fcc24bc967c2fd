// Documents as one ZIP, written while it is sent.

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

interface PackedDocument {
  readonly id: string
  readonly path: string
  readonly changedAt: string
  readonly isPacked: boolean
}

/** A bundle, its documents numbered in its order. Throws notFound, bundle.empty. */
export async function archiveBundle(actor: Actor, id: string): Promise<Archive> {
  const { bundle, documents } = await readBundle(actor, id)
  if (documents.length === 0) fail('bundle.empty', { name: bundle.name })
  const names = archiveNames(documents)
  return archiveOf(
    actor,
    bundle.name,
    documents.map(({ id: documentId, name, changedAt, extension }, index) => ({
      id: documentId,
      path: names[index] ?? name,
      changedAt,
      isPacked: isPacked(extension),
    })),
  )
}

/** Each is opened when its turn comes. */
export function archiveOf(actor: Actor, name: string, documents: readonly PackedDocument[]): Archive {
  const files = documents.map(document => ({
    name: document.path,
    changedAt: new Date(document.changedAt),
    isPacked: document.isPacked,
    read: async () => {
      const { size, read } = await openContent(actor, document.id, null)
      return read(0, size - 1)
    },
  }))
  return { name, bytes: zipOf(files) }
}
