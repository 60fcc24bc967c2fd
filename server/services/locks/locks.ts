// Locking, opening for a while, and taking a lock off. None of them is undone by Undo: the passphrase is what undoes.

import { fail } from '../../../core/errors'
import type { Message } from '../../../core/history/index'
import { message, namedThings } from '../../../core/history/index'
import { withTransaction } from '../../db/client'
import type { Transaction } from '../../db/client'
import { attempts } from '../../db/models/attempt'
import { blobs } from '../../db/models/blob'
import { documents } from '../../db/models/document'
import { locks } from '../../db/models/lock'
import type { JournalEntry } from '../../db/sql/journal'
import { entryById } from '../../db/sql/journal'
import { notify } from '../../db/sql/notify'
import type { LockSummary } from '../../db/sql/locks'
import { dropEmptyLocks, holdersOf, locksOf, openBlobs } from '../../db/sql/locks'
import { folderById, lockPlan } from '../../db/sql/planRows'
import { refuseWeak } from '../account/password'
import { limitAttempts } from '../account/limitAttempts'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { noteAct } from '../changes/noteAct'
import type { Read } from '../reading/keepReading'
import { requestReadings } from '../reading/requestReading'
import { makeLock, openLock } from './envelope'
import { readUnder } from './readUnder'
import { closeAll, keepOpen, openUntil } from './openLocks'
import { holdWords, sealBytes, unsealBytes } from './sealBytes'
import { refreshHolders, sealAfter } from './sealCovered'

/** What is sealed within one act, which holds the plan while it does. */
const SEALED_AT_ONCE_BYTES = 2 * 1024 * 1024 * 1024
const TRIED_AN_HOUR = 20

export interface LockFacts extends LockSummary {
  /** Until when this session has it open (ISO 8601); null: it is locked. */
  readonly openUntil: string | null
}

/** The locks of the plan, the newest first. */
export async function listLocks(actor: Actor): Promise<{ locks: LockFacts[] }> {
  const now = new Date()
  return { locks: (await locksOf(actor.planId)).map(lock => ({ ...lock, openUntil: openUntil(actor, lock.id, now) })) }
}

/** Locks of what was deleted for good; how many. */
export const sweepLocks = (): Promise<number> => dropEmptyLocks()

export interface ToLock {
  readonly documentIds: readonly string[]
  /** With all in it and below, and what comes into it; null: the documents alone. */
  readonly folderId: string | null
}

/** What locking would seal: documents that hold the very same contents are locked with those that are meant. */
export async function wouldLock(
  actor: Actor,
  meant: ToLock,
): Promise<{ count: number; others: { name: string; extension: string }[] }> {
  const blobs = await openBlobs(null, actor.planId, meant)
  const holders = await holdersOf(
    null,
    actor.planId,
    blobs.map(({ blobId }) => blobId),
  )
  const others = meant.folderId === null ? holders.filter(({ id }) => !meant.documentIds.includes(id)) : []
  return { count: holders.length, others: others.map(({ name, extension }) => ({ name, extension })) }
}

/** Throws notFound, lock.nothing where all of it is locked already, lock.large, password.weak. */
export async function lockThings(
  actor: Actor,
  changeId: string,
  meant: ToLock,
  passphrase: string,
  now: Date,
): Promise<JournalEntry> {
  refuseWeak(passphrase, actor.email)
  const id = newId()
  const keys = await makeLock(id, passphrase)
  return withTransaction(async transaction => {
    const held = (await openBlobs(transaction, actor.planId, meant)).map(({ blobId }) => blobId)
    await holdWords(transaction, actor.planId, held)
    const earlier = await begun(transaction, actor, changeId)
    if (earlier) return earlier
    const folder = meant.folderId === null ? null : await folderOf(actor, meant.folderId)
    const known = { planId: actor.planId, id: [...meant.documentIds] }
    if ((await documents().count({ where: known, transaction })) < new Set(meant.documentIds).size) fail('notFound')
    // What came in between is sealed right after, as all that comes into a locked folder.
    const blobs = (await openBlobs(transaction, actor.planId, meant)).filter(({ blobId }) => held.includes(blobId))
    if (blobs.reduce((sum, { size }) => sum + size, 0) > SEALED_AT_ONCE_BYTES) fail('lock.large')
    if (folder === null && blobs.length === 0) fail('lock.nothing')
    if (folder && (await locks().count({ where: { folderId: folder.id }, transaction })) > 0) fail('lock.nothing')
    await locks().create(
      { id, planId: actor.planId, folderId: folder?.id ?? null, ...keys, createdAt: now },
      { transaction },
    )
    for (const { blobId } of blobs) await sealBytes(transaction, actor.planId, { blobId, lockId: id }, keys.publicKey)
    const blobIds = blobs.map(({ blobId }) => blobId)
    await refreshHolders(transaction, actor.planId, blobIds)
    await sealAfter(transaction, actor.planId)
    const holders = await holdersOf(transaction, actor.planId, blobIds)
    const things = folder ? namedThings([folder], []) : namedThings([], holders)
    return write(transaction, actor, { id: changeId, kind: 'lock', said: message('lock', { things }), now })
  })
}

/**
 * Opens a lock for this session, for a quarter of an hour; what was never read under it is read now. Throws notFound,
 * lock.wrong, lock.throttled.
 */
export async function openForAWhile(
  actor: Actor,
  lockId: string,
  passphrase: string,
  now: Date,
  read: Read,
): Promise<{ locks: LockFacts[] }> {
  const privateKey = await privateKeyOf(actor, lockId, passphrase, now)
  keepOpen(actor, lockId, privateKey, now)
  readUnder(actor, lockId, privateKey, read)
  await notify(null, { type: 'locks', planId: actor.planId })
  return listLocks(actor)
}

/** Locks again all that this session opened. */
export async function lockAll(actor: Actor): Promise<{ locks: LockFacts[] }> {
  closeAll(actor)
  await notify(null, { type: 'locks', planId: actor.planId })
  return listLocks(actor)
}

/** Takes a lock off for good. Throws notFound, lock.wrong, lock.throttled. */
export async function takeOff(
  actor: Actor,
  changeId: string,
  lockId: string,
  passphrase: string,
  now: Date,
): Promise<JournalEntry> {
  const earlier = await entryById(null, actor.planId, changeId)
  if (earlier) return earlier
  const privateKey = await privateKeyOf(actor, lockId, passphrase, now)
  return withTransaction(async transaction => {
    const again = await begun(transaction, actor, changeId)
    if (again) return again
    const lock = (await lockOf(actor, lockId)) ?? fail('notFound')
    const sealed = await blobs().findAll({ where: { lockId }, order: ['id'], transaction })
    for (const { id, seal } of sealed) if (seal) await unsealBytes(transaction, { blobId: id, seal }, privateKey)
    await locks().destroy({ where: { id: lockId }, transaction })
    const blobIds = sealed.map(({ id }) => id)
    const holders = await holdersOf(transaction, actor.planId, blobIds)
    await requestReadings(
      transaction,
      actor.planId,
      holders.map(({ id }) => id),
    )
    const folder = lock.folderId === null ? undefined : await folderById(actor.planId, lock.folderId)
    const things = folder ? namedThings([folder], []) : namedThings([], holders)
    return write(transaction, actor, { id: changeId, kind: 'unlock', said: message('unlock', { things }), now })
  })
}

async function folderOf(actor: Actor, id: string) {
  const folder = (await folderById(actor.planId, id)) ?? fail('notFound')
  if (folder.trashedAt !== null) fail('folder.inTrash', { name: folder.name })
  return folder
}

const lockOf = (actor: Actor, id: string) => locks().findOne({ where: { id, planId: actor.planId } })

async function privateKeyOf(actor: Actor, lockId: string, passphrase: string, now: Date) {
  const lock = (await lockOf(actor, lockId)) ?? fail('notFound')
  await limitAttempts('lock', actor, { anHour: TRIED_AN_HOUR, refused: 'lock.throttled' }, now)
  const privateKey = (await openLock(lock.id, lock, passphrase)) ?? fail('lock.wrong')
  await attempts().destroy({ where: { kind: 'lock', email: actor.email } })
  return privateKey
}

/** Holds the plan; the entry of this act where it was carried out before. */
async function begun(transaction: Transaction, actor: Actor, changeId: string): Promise<JournalEntry | undefined> {
  if (!(await lockPlan(transaction, actor.planId))) fail('notFound')
  return entryById(transaction, actor.planId, changeId)
}

async function write(
  transaction: Transaction,
  actor: Actor,
  act: { id: string; kind: 'lock' | 'unlock'; said: Message; now: Date },
): Promise<JournalEntry> {
  const entry = await noteAct(transaction, actor, { ...act, tables: ['document'] })
  await notify(transaction, { type: 'locks', planId: actor.planId })
  return entry
}
