// Which locks a session has open, until when. In the memory of this process alone: what opens them is nowhere else, and
// after a restart all are locked.

import type { KeyObject } from 'node:crypto'
import { fail } from '../../../core/errors'
import { blobStore } from '../../db/blobStore'
import type { Blob } from '../../db/models/blob'
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

/** The one way to the bytes of a document. Throws notFound, lock.closed. */
export async function openBytes(actor: Actor, blobId: string): Promise<ReadableBytes> {
  const blob = await blobs().findByPk(blobId)
  // Without a hash while they are coming.
  if (!blob?.sha256) return fail('notFound')
  const facts = { id: blob.id, size: Number(blob.size), sha256: blob.sha256.toString('hex') }
  const sealed = sealOf(blob)
  if (!sealed) return { ...facts, isSealed: false, read: (start, end) => blobStore.read(blobId, start, end) }
  const { privateKey } = openOf(actor, sealed.lockId, new Date()) ?? fail('lock.closed')
  const key = openKey(privateKey, sealed.seal, blobId)
  return { ...facts, isSealed: true, read: (start, end) => readSealed(blobId, key, start, end) }
}

/** What is known of the lock of some bytes. */
export interface LockOfBytes {
  readonly lockId: string
  /** This session has it open. */
  readonly isOpen: boolean
  /** What was read from them; null where it is not open, or nothing was read yet. */
  readonly text: SealedReading | null
}

/** The lock that seals these bytes, with what was read from them where it is open; null: none. */
export async function lockOfBytes(actor: Actor, blobId: string): Promise<LockOfBytes | null> {
  const blob = await blobs().findByPk(blobId, { attributes: ['lockId', 'seal'] })
  const sealed = blob && sealOf(blob)
  if (!sealed) return null
  const { lockId, seal } = sealed
  const found = openOf(actor, lockId, new Date())
  if (!found) return { lockId, isOpen: false, text: null }
  return { lockId, isOpen: true, text: await readSealedText(blobId, openKey(found.privateKey, seal, blobId)) }
}

const sealOf = ({ lockId, seal }: Pick<Blob, 'lockId' | 'seal'>) =>
  lockId !== null && seal !== null ? { lockId, seal } : null
