// Acts of this window that are under way, how far those are that take long, and stopping one.

import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import * as api from '../api/changes'
import { refusalOf } from './remote'

/** In rows. */
interface Progress {
  readonly done: number
  readonly total: number
}

export const useLongActs = defineStore('longActs', () => {
  const underWay = ref<ReadonlyMap<string, Progress | null>>(new Map())
  const busy = computed(() => underWay.value.size > 0)
  const running = computed(
    () => [...underWay.value].flatMap(([id, progress]) => (progress ? [{ id, ...progress }] : []))[0] ?? null,
  )

  /** Counts the act as under way until its work ends, well or not. */
  async function during<T>(id: string, work: () => Promise<T>): Promise<T> {
    underWay.value = new Map(underWay.value).set(id, null)
    try {
      return await work()
    } finally {
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

  return { underWay, busy, running, during, subscribeToProgress, stop }
})
