// What I do in what was given to me: each act is said, and can be undone.

import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import { newId } from '../../contract/newId'
import type { ClientCommand } from '../../contract/command'
import type { SharedChange } from '../../contract/shared'
import type { Refusal } from '../../core/errors'
import type { DocumentId } from '../../core/ids'
import * as api from '../api/shared'
import { remoteOf } from './remote'
import { useSharedThing } from './sharedThing'

type Outcome = { readonly ok: true } | { readonly ok: false; readonly reason: Refusal }

export const useSharedActs = defineStore('sharedActs', () => {
  const thing = useSharedThing()
  /** What I did here last, which can be undone. */
  const done = shallowRef<SharedChange | null>(null)
  const refused = ref('')
  watch(
    () => thing.key,
    () => {
      done.value = null
      refused.value = ''
    },
  )

  /** Carries something out here; the outcome is said, and can be undone. */
  async function carryOut(work: Promise<SharedChange>): Promise<Outcome> {
    const answer = await remoteOf(work)
    if (answer.state !== 'ready') {
      const reason = answer.state === 'error' ? answer.reason : null
      refused.value = reason?.message ?? ''
      return reason ? { ok: false, reason } : { ok: true }
    }
    refused.value = ''
    done.value = answer.value
    await thing.again()
    return { ok: true }
  }

  const act = (command: ClientCommand) => carryOut(api.changeShared(thing.key, newId(), command))

  /** One after the other, so that each is said. */
  async function add(folder: string, files: readonly File[]): Promise<void> {
    for (const file of files) {
      const outcome = await carryOut(api.addShared(thing.key, folder, newId<DocumentId>(), newId(), file))
      if (!outcome.ok) return
    }
  }

  async function undo(): Promise<void> {
    if (!done.value) return
    const outcome = await carryOut(api.undoShared(thing.key, newId(), done.value.id))
    if (outcome.ok) done.value = null
  }

  /** A document of my own with what it holds now; null where that was refused. */
  async function keepCopy(id: string): Promise<string | null> {
    const copy = newId<DocumentId>()
    const answer = await remoteOf(api.copyShared(thing.key, id, newId(), copy))
    refused.value = answer.state === 'error' ? answer.reason.message : ''
    return answer.state === 'ready' ? copy : null
  }

  return { done, refused, act, add, undo, keepCopy }
})
