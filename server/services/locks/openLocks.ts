// Which locks a session has open, until when. In the memory of this process alone: what opens them is nowhere else, and
// after a restart all are locked.

import type { KeyObject } from 'node:crypto'
import { fail } from '../../../core/errors'
import { blobFacts, blobStore } from '../../db/blobStore'
import { blobs } from '../../db/models/blob'
import type { Actor } from '../actor'
import { openKey } from './envelope'
import type { SealedReading } from './sealBytes'
import { readSealed, readSealedText } from './sealBytes'

/** How long a lock stays open. */
const OPEN_MINUTES = 15
const MINUTE_MS = 60_000

interface Open {
  readonly privateKey: KeyObject
  readonly until: number
}

const open = new Map<string, Map<string, Open>>()

/** Remembers what opens a lock, for this session alone; until when (ISO 8601). */
export function keepOpen({ sessionId }: Actor, lockId: string, privateKey: KeyObject, now: Date): string {
  if (sessionId === undefined) throw new Error('A lock is opened for a session.')
  for (const [id, locks] of open) {
    for (const [lock, { until }] of locks) if (until <= now.getTime()) locks.delete(lock)
    if (locks.size === 0) open.delete(id)
  }
  const until = now.getTime() + OPEN_MINUTES * MINUTE_MS
  open.set(sessionId, (open.get(sessionId) ?? new Map<string, Open>()).set(lockId, { privateKey, until }))
  return new Date(until).toISOString()
}

/** All that this session opened is locked again. */
export function closeAll({ sessionId }: Actor): void {
  if (sessionId !== undefined) open.delete(sessionId)
}

function openOf({ sessionId }: Actor, lockId: string, now: Date): Open | null {
  const found = sessionId === undefined ? undefined : open.get(sessionId)?.get(lockId)
  return found && found.until > now.getTime() ? found : null
}

/** Until when this session has it open (ISO 8601); null: it is locked. */
export function openUntil(actor: Actor, lockId: string, now: Date): string | null {
  const found = openOf(actor, lockId, now)
  return found && new Date(found.until).toISOString()
}

/** Bytes of a plan as somebody may have them. */
export interface ReadableBytes {
  readonly id: string
  readonly size: number
  /** Hex; names the bytes. */
  readonly sha256: string
  readonly isSealed: boolean
  /** The bytes from `start` up to and with `end`. */
  readonly read: (start: number, end: number) => AsyncGenerator<Buffer>
}

/** What these bytes are sealed with; null: nothing. */
export async function sealOf(blobId: string): Promise<{ lockId: string; seal: Buffer } | null> {
  const blob = await blobs().findByPk(blobId, { attributes: ['lockId', 'seal'] })
  return blob?.lockId != null && blob.seal != null ? { lockId: blob.lockId, seal: blob.seal } : null
}

/** The one way to the bytes of a document. Throws notFound, lock.closed. */
export async function openBytes(actor: Actor, blobId: string): Promise<ReadableBytes> {
  const blob = (await blobFacts(null, blobId)) ?? fail('notFound')
  const sealed = await sealOf(blobId)
  if (!sealed) return { ...blob, isSealed: false, read: (start, end) => blobStore.read(blobId, start, end) }
  const key = keyFor(actor, blobId, sealed)
  return { ...blob, isSealed: true, read: (start, end) => readSealed(blobId, key, start, end) }
}

/** What was read from sealed bytes, where this session has their lock open; null otherwise. */
export async function openText(actor: Actor, blobId: string): Promise<SealedReading | null> {
  const sealed = await sealOf(blobId)
  if (!sealed || !openOf(actor, sealed.lockId, new Date())) return null
  return readSealedText(blobId, keyFor(actor, blobId, sealed))
}

function keyFor(actor: Actor, blobId: string, { lockId, seal }: { lockId: string; seal: Buffer }): Buffer {
  const { privateKey } = openOf(actor, lockId, new Date()) ?? fail('lock.closed')
  return openKey(privateKey, seal, blobId)
}
