// Everything that is done to the plan goes through here, so that the bottom line, undo and redo see all.

import { defineStore } from 'pinia'
import { newId } from '../../contract/newId'
import { computed, ref } from 'vue'
import type { ChangeEntry, LastActs } from '../../contract/change'
import type { ClientCommand } from '../../contract/command'
import { isUndoable, whyNeverUndone } from '../../core/change/index'
import type { Refusal } from '../../core/errors'
import { refusal } from '../../core/errors'
import * as api from '../api/changes'
import { takeOut as sendTakeOut } from '../api/documents'
import { useLongActs } from './longActs'
import { useNotice } from './notice'
import { refusalOf } from './remote'

export type Outcome =
  { readonly ok: true; readonly change: ChangeEntry } | { readonly ok: false; readonly reason: Refusal }

const NONE: LastActs = { last: null, by: null, undo: null, redo: null }

export const useActs = defineStore('acts', () => {
  const last = ref<LastActs>(NONE)
  const [notice, longActs] = [useNotice(), useLongActs()]
  /** What Undo takes back; nothing right after what cannot be undone, so that it is not taken for that. */
  const undoable = computed(() => (last.value.last && !isUndoable(last.value.last.kind) ? null : last.value.undo))

  /** Carries a command out. A refusal is shown in the bottom line unless the asker shows it in its place (`quiet`). */
  async function act(command: ClientCommand, { quiet = false } = {}): Promise<Outcome> {
    const id = newId()
    return finish(id, () => api.sendCommand(id, command), quiet)
  }

  /** The last act, or the one named. */
  async function undo(changeId: string | null = null): Promise<Outcome> {
    const lastKind = last.value.last?.kind ?? ''
    const why = whyNeverUndone(lastKind)
    if (changeId === null && why) {
      const reason = refusal(why)
      notice.refuse({ ...reason, message: `${reason.message} Earlier acts can be undone in History.` })
      return { ok: false, reason }
    }
    const id = newId()
    return finish(id, () => api.undo(id, changeId), false)
  }

  /** Takes back everything from this act on; the asker has shown what that is. */
  async function undoSince(changeId: string): Promise<Outcome> {
    const id = newId()
    return finish(
      id,
      async () => {
        const { changes } = await api.undoSince(id, changeId)
        const [newest] = changes
        if (!newest) throw new Error('Undoing gave no answer.')
        return newest
      },
      false,
    )
  }

  async function redo(): Promise<Outcome> {
    const id = newId()
    return finish(id, () => api.redo(id), false)
  }

  /** Deletes for good; the asker has asked the person before. */
  async function purge(what: { ids: readonly string[] } | { all: true }): Promise<Outcome> {
    const id = newId()
    return finish(id, () => api.purge(id, what), false)
  }

  /** What a mailbox, a message or an archive holds becomes documents beside it. */
  async function takeOut(documentId: string): Promise<Outcome> {
    const id = newId()
    return finish(id, () => sendTakeOut(documentId, id), false)
  }

  async function finish(id: string, send: () => Promise<ChangeEntry>, quiet: boolean): Promise<Outcome> {
    try {
      const change = await longActs.during(id, async () => {
        const sent = await send()
        notice.clear()
        await refresh()
        return sent
      })
      return { ok: true, change }
    } catch (error) {
      const reason = refusalOf(error)
      if (!quiet) notice.refuse(reason)
      return { ok: false, reason }
    }
  }

  async function refresh(): Promise<void> {
    try {
      last.value = await api.readLastActs()
    } catch (error) {
      refusalOf(error) // away: the notice about that is shown by the shell
    }
  }

  function forget(): void {
    last.value = NONE
    notice.clear()
  }

  return { last, undoable, act, undo, undoSince, redo, purge, takeOut, refresh, forget }
})
