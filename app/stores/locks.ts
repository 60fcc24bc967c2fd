// The locks of the plan, and which of them this browser has open for how long.

import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Lock, LockPreview } from '../../contract/lock'
import { newId } from '../../contract/newId'
import type { DocumentId } from '../../core/ids'
import { readDocument } from '../api/documents'
import * as api from '../api/locks'
import { useActs } from './acts'
import type { MeantThing } from './dialogs'
import { forgetTyped } from './memoKeeping'
import { useNotice } from './notice'
import { remoteOf } from './remote'

const meant = (things: readonly MeantThing[]): api.ToLock => ({
  documentIds: things.filter(({ kind }) => kind === 'document').map(({ id }) => id),
  folderId: things.find(({ kind }) => kind === 'folder')?.id ?? null,
})

/** What locking these would seal; null when the server did not say. */
export async function previewLock(things: readonly MeantThing[]): Promise<LockPreview | null> {
  const answer = await remoteOf(api.previewLock(meant(things)))
  return answer.state === 'ready' ? answer.value : null
}

/** The lock that seals a document; null: none. */
export async function lockIdOf(documentId: DocumentId): Promise<string | null> {
  const answer = await remoteOf(readDocument(documentId))
  return answer.state === 'ready' ? answer.value.lockId : null
}

export const useLocks = defineStore('locks', () => {
  const [acts, notices] = [useActs(), useNotice()]
  const all = shallowRef<readonly Lock[]>([])
  const now = ref(Date.now())
  let timer: ReturnType<typeof setTimeout> | null = null
  let asked = 0

  const isOpenNow = ({ openUntil }: Lock) => openUntil !== null && Date.parse(openUntil) > now.value
  const openOnes = computed(() => all.value.filter(isOpenNow))
  /** Of a folder; undefined where it is not locked itself. */
  const ofFolder = (id: string) => all.value.find(({ folderId }) => folderId === id)
  /** Until when it is open (ISO 8601); null: it is locked. */
  const openUntil = (lockId: string) => openOnes.value.find(({ id }) => id === lockId)?.openUntil ?? null

  function keep(locks: readonly Lock[]): void {
    all.value = locks
    now.value = Date.now()
    if (timer !== null) clearTimeout(timer)
    const ends = openOnes.value.map(lock => Date.parse(lock.openUntil ?? ''))
    // What it showed is locked again as its time is over, also where nobody does anything.
    timer = ends.length > 0 ? setTimeout(() => keep(all.value), Math.min(...ends) - now.value) : null
  }

  async function load(): Promise<void> {
    const mine = ++asked
    const answer = await remoteOf(api.readLocks())
    if (mine === asked && answer.state === 'ready') keep(answer.value.locks)
  }

  /** Why it was refused; empty: it is locked. */
  async function lock(things: readonly MeantThing[], passphrase: string): Promise<string> {
    const answer = await remoteOf(api.lock(newId(), meant(things), passphrase))
    if (answer.state === 'error') return answer.reason.message
    for (const { id } of things) forgetTyped(id)
    notices.clear()
    await Promise.all([acts.refresh(), load()])
    return ''
  }

  /** For a quarter of an hour. Why it was refused; empty: it is open. */
  async function open(lockId: string, passphrase: string): Promise<string> {
    const answer = await remoteOf(api.openLock(lockId, passphrase))
    if (answer.state === 'error') return answer.reason.message
    if (answer.state === 'ready') keep(answer.value.locks)
    return ''
  }

  /** For good. Why it was refused; empty: it is off. */
  async function takeOff(lockId: string, passphrase: string): Promise<string> {
    const answer = await remoteOf(api.takeLockOff(lockId, newId(), passphrase))
    if (answer.state === 'error') return answer.reason.message
    notices.clear()
    await Promise.all([acts.refresh(), load()])
    return ''
  }

  /** Locks all that is open in this browser. */
  async function closeAll(): Promise<void> {
    const count = openOnes.value.length
    const answer = await remoteOf(api.closeLocks())
    if (answer.state === 'error') return notices.refuse(answer.reason)
    if (answer.state === 'ready') keep(answer.value.locks)
    notices.say(count === 0 ? 'Nothing was unlocked' : 'Locked again what was unlocked in this browser')
  }

  return { all, openOnes, ofFolder, openUntil, load, lock, open, takeOff, closeAll }
})
