// Documents as one ZIP, written while it is sent.

import { fail } from '../../../core/errors'
import { archiveNames, isPacked } from '../../../core/formats/index'
import { lockedAmong } from '../../db/sql/locks'
import type { Actor } from '../actor'
import { openContent } from '../documents/openContent'
import { openUntil } from '../locks/openLocks'
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

const LEFT_OUT = 'Left out, since it is locked.txt'

/**
 * Each is opened when its turn comes. What is locked is left out, and a text says so. Throws lock.closed where nothing
 * else is there.
 */
export async function archiveOf(actor: Actor, name: string, documents: readonly PackedDocument[]): Promise<Archive> {
  const now = new Date()
  const locked = await lockedAmong(
    actor.planId,
    documents.map(({ id }) => id),
  )
  const closed = new Set(locked.filter(({ lockId }) => openUntil(actor, lockId, now) === null).map(({ id }) => id))
  if (closed.size > 0 && documents.every(({ id }) => closed.has(id))) fail('lock.closed')
  const leftOut = documents.filter(({ id }) => closed.has(id)).map(({ path }) => path)
  const note = { name: LEFT_OUT, changedAt: now, isPacked: false, read: () => Promise.resolve(linesOf(leftOut)) }
  const files = documents
    .filter(({ id }) => !closed.has(id))
    .map(document => ({
      name: document.path,
      changedAt: new Date(document.changedAt),
      isPacked: document.isPacked,
      read: async () => {
        const { size, read } = await openContent(actor, document.id, null)
        return read(0, size - 1)
      },
    }))
  return { name, bytes: zipOf(leftOut.length > 0 ? [...files, note] : files) }
}

async function* linesOf(lines: readonly string[]): AsyncGenerator<Uint8Array> {
  yield Buffer.from(`${lines.join('\n')}\n`)
}
