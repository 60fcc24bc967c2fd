// Everything that is done to the plan goes through here, so that the bottom line, undo and redo see all.

import { defineStore } from 'pinia'
import { v7 } from 'uuid'
import { ref } from 'vue'
import type { ChangeEntry, LastActs } from '../../contract/change'
import type { ClientCommand } from '../../contract/command'
import type { Refusal } from '../../core/errors'
import * as api from '../api/changes'
import { reasonOf } from './remote'

export type Outcome = { readonly ok: true; readonly change: ChangeEntry } | { readonly ok: false; readonly reason: Refusal }

const NONE: LastActs = { last: null, undo: null, redo: null }

export const useActs = defineStore('acts', () => {
  const last = ref<LastActs>(NONE)
  /** What the bottom line says instead of the last act: why something was not done, or a word about what was. */
  const notice = ref<{ text: string; isRefusal: boolean } | null>(null)
  const busy = ref(0)

  /** Carries a command out. A refusal is shown in the bottom line unless the asker shows it in its place (`quiet`). */
  async function act(command: ClientCommand, { quiet = false } = {}): Promise<Outcome> {
    const id = v7()
    return finish(() => api.sendCommand(id, command), quiet)
  }

  async function undo(changeId: string | null = null): Promise<Outcome> {
    const id = v7()
    return finish(() => api.undo(id, changeId), false)
  }

  /** Takes back everything from this act on; the asker has shown what that is. */
  async function undoSince(changeId: string): Promise<Outcome> {
    const id = v7()
    return finish(async () => {
      const { changes } = await api.undoSince(id, changeId)
      const [newest] = changes
      if (!newest) throw new Error('Undoing gave no answer.')
      return newest
    }, false)
  }

  async function redo(): Promise<Outcome> {
    const id = v7()
    return finish(() => api.redo(id), false)
  }

  /** Deletes for good; the asker has asked the person before. */
  async function purge(what: { ids: readonly string[] } | { all: true }): Promise<Outcome> {
    const id = v7()
    return finish(() => api.purge(id, what), false)
  }

  async function finish(send: () => Promise<ChangeEntry>, quiet: boolean): Promise<Outcome> {
    busy.value++
    try {
      const change = await send()
      notice.value = null
      await refresh()
      return { ok: true, change }
    }
    catch (error) {
      const reason = reasonOf(error)
      if (!quiet) refuse(reason)
      return { ok: false, reason }
    }
    finally {
      busy.value--
    }
  }

  function refuse(reason: Refusal): void {
    notice.value = { text: reason.message, isRefusal: true }
  }

  function say(text: string): void {
    notice.value = { text, isRefusal: false }
  }

  async function refresh(): Promise<void> {
    try {
      last.value = await api.readLastActs()
    }
    catch (error) {
      reasonOf(error) // away: the notice about that is shown by the shell
    }
  }

  function forget(): void {
    last.value = NONE
    notice.value = null
  }

  return { last, notice, busy, act, undo, undoSince, redo, purge, refuse, say, refresh, forget }
})

