import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { Lately } from '../../contract/find'
import { noteVisit, readLately } from '../api/bundles'
import type { Remote } from './remote'
import { refusalOf } from './remote'

/** What was opened, changed and added last, opened often, and how long starred documents rest. */
export const useLately = defineStore('lately', () => {
  const loaded = shallowRef<Remote<Lately>>({ state: 'idle' })

  async function load(): Promise<void> {
    if (loaded.value.state !== 'ready') loaded.value = { state: 'loading' }
    try {
      loaded.value = { state: 'ready', value: await readLately() }
    } catch (error) {
      const reason = refusalOf(error)
      if (loaded.value.state !== 'ready') loaded.value = { state: 'error', reason }
    }
  }

  async function visit(id: string): Promise<void> {
    try {
      await noteVisit(id)
    } catch (error) {
      refusalOf(error) // away: this visit is not remembered
    }
  }

  return { loaded, load, visit }
})
