// What others gave to me, and what of it is new.

import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { ReceivedThing } from '../../contract/shared'
import * as api from '../api/people'
import type { Remote } from './remote'
import { refusalOf } from './remote'

export const useReceived = defineStore('received', () => {
  const loaded = ref<Remote<readonly ReceivedThing[]>>({ state: 'idle' })
  let request = 0

  const all = computed<readonly ReceivedThing[]>(() => (loaded.value.state === 'ready' ? loaded.value.value : []))
  const fresh = computed(() => all.value.filter(({ openedAt }) => openedAt === null))

  /** What is known stays while it is asked again; only the newest answer counts. */
  async function load(): Promise<void> {
    const mine = ++request
    if (loaded.value.state !== 'ready') loaded.value = { state: 'loading' }
    try {
      const { received } = await api.readReceived()
      if (mine === request) loaded.value = { state: 'ready', value: received }
    } catch (error) {
      if (mine === request && loaded.value.state !== 'ready')
        loaded.value = { state: 'error', reason: refusalOf(error) }
    }
  }

  /** It is no longer new. */
  async function layAside(id: string): Promise<void> {
    await api.markSeen(id)
    await load()
  }

  function forget(): void {
    request++
    loaded.value = { state: 'idle' }
  }

  return { loaded, all, fresh, load, layAside, forget }
})
