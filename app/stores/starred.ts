import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { RegisterRow } from '../../contract/document'
import { readStarred } from '../api/documents'
import type { Remote } from './remote'
import { reasonOf } from './remote'

/** Starred documents, the newest star first; starred folders are known from the outline. */
export const useStarred = defineStore('starred', () => {
  const loaded = shallowRef<Remote<readonly RegisterRow[]>>({ state: 'idle' })
  const documents = computed(() => (loaded.value.state === 'ready' ? loaded.value.value : []))

  async function load(): Promise<void> {
    if (loaded.value.state !== 'ready') loaded.value = { state: 'loading' }
    try {
      loaded.value = { state: 'ready', value: (await readStarred()).documents }
    }
    catch (error) {
      const reason = reasonOf(error)
      if (loaded.value.state !== 'ready') loaded.value = { state: 'error', reason }
    }
  }

  return { loaded, documents, load }
})
