import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { TrashItem } from '../../contract/document'
import { readTrash } from '../api/documents'
import type { Remote } from './remote'
import { reasonOf } from './remote'

export const useTrash = defineStore('trash', () => {
  const loaded = shallowRef<Remote<readonly TrashItem[]>>({ state: 'idle' })
  const items = computed(() => (loaded.value.state === 'ready' ? loaded.value.value : []))

  async function load(): Promise<void> {
    if (loaded.value.state !== 'ready') loaded.value = { state: 'loading' }
    try {
      loaded.value = { state: 'ready', value: (await readTrash()).items }
    }
    catch (error) {
      const reason = reasonOf(error)
      if (loaded.value.state !== 'ready') loaded.value = { state: 'error', reason }
    }
  }

  return { loaded, items, load }
})
