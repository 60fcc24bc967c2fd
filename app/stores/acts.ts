// Everything that is done to the plan goes through here, so that the bottom line, undo and redo see all.

import { defineStore } from 'pinia'
import { v7 } from 'uuid'
import { computed, ref } from 'vue'
import type { ChangeEntry, LastActs } from '../../contract/change'
import type { ClientCommand } from '../../contract/command'
import type { Refusal } from '../../core/errors'
import { refusal } from '../../core/errors'
import * as api from '../api/changes'
import { refusalOf } from './remote'

export type Outcome =
  { readonly ok: true; readonly change: ChangeEntry } | { readonly ok: false; readonly reason: Refusal }

/** In rows. */
interface Progress {
  readonly done: number
  readonly total: number
}

const NONE: LastActs = { last: null, undo: null, redo: null }

export const useActs = defineStore('acts', () => {
  const last = ref<LastActs>(NONE)
  /** What the bottom line says instead of the last act: why something was not done, or a word about what was. */
  const notice = ref<{ text: string; isRefusal: boolean } | null>(null)
  const busy = ref(0)
  /** Acts of this window under way, and how far those are that take long. */
  const underWay = ref<ReadonlyMap<string, Progress | null>>(new Map())
  /** What Undo takes back; nothing right after what cannot be undone, so that it is not taken for that. */
  const undoable = computed(() => (last.value.last?.kind === 'purge' ? null : last.value.undo))
  const running = computed(
    () => [...underWay.value].flatMap(([id, progress]) => (progress ? [{ id, ...progress }] : []))[0] ?? null,
  )

  /** Carries a command out. A refusal is shown in the bottom line unless the asker shows it in its place (`quiet`). */
  async function act(command: ClientCommand, { quiet = false } = {}): Promise<Outcome> {
    const id = v7()
    return finish(id, () => api.sendCommand(id, command), quiet)
  }

  /** The last act, or the one named. */
  async function undo(changeId: string | null = null): Promise<Outcome> {
    if (changeId === null && last.value.last?.kind === 'purge') {
      const reason = refusal('undo.never')
      notice.value = { text: `${reason.message} Earlier acts can be undone in History.`, isRefusal: true }
      return { ok: false, reason }
    }
    const id = v7()
    return finish(id, () => api.undo(id, changeId), false)
  }

  /** Takes back everything from this act on; the asker has shown what that is. */
  async function undoSince(changeId: string): Promise<Outcome> {
    const id = v7()
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
    const id = v7()
    return finish(id, () => api.redo(id), false)
  }

  /** Deletes for good; the asker has asked the person before. */
  async function purge(what: { ids: readonly string[] } | { all: true }): Promise<Outcome> {
    const id = v7()
    return finish(id, () => api.purge(id, what), false)
  }

  async function finish(id: string, send: () => Promise<ChangeEntry>, quiet: boolean): Promise<Outcome> {
    busy.value++
    underWay.value = new Map(underWay.value).set(id, null)
    try {
      const change = await send()
      notice.value = null
      await refresh()
      return { ok: true, change }
    } catch (error) {
      const reason = refusalOf(error)
      if (!quiet) refuse(reason)
      return { ok: false, reason }
    } finally {
      busy.value--
      underWay.value = new Map([...underWay.value].filter(([other]) => other !== id))
    }
  }

  function subscribeToProgress({ changeId, done, total }: Progress & { readonly changeId: string }): void {
    if (underWay.value.has(changeId)) underWay.value = new Map(underWay.value).set(changeId, { done, total })
  }

  /** Stops the long act that is under way; the act itself then says that nothing was changed. */
  async function stop(): Promise<void> {
    if (!running.value) return
    try {
      await api.stopAct(running.value.id)
    } catch (error) {
      refusalOf(error) // it has just ended: the line says what it did
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
    } catch (error) {
      refusalOf(error) // away: the notice about that is shown by the shell
    }
  }

  function forget(): void {
    last.value = NONE
    notice.value = null
  }

  return {
    last,
    notice,
    busy,
    underWay,
    running,
    undoable,
    act,
    undo,
    undoSince,
    redo,
    purge,
    refuse,
    say,
    subscribeToProgress,
    stop,
    refresh,
    forget,
  }
})
