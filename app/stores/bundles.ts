import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { newId } from '../../contract/newId'
import type { Bundle, BundleContents } from '../../contract/find'
import type { BundleId, DocumentId } from '../../core/ids'
import { archiveAddress, readBundle, readBundles } from '../api/bundles'
import { useActs } from './acts'
import type { Remote } from './remote'
import { refusalOf } from './remote'

/** Bundles, and the one that is open. */
export const useBundles = defineStore('bundles', () => {
  const acts = useActs()
  const loaded = shallowRef<Remote<readonly Bundle[]>>({ state: 'idle' })
  const opened = shallowRef<Remote<BundleContents>>({ state: 'idle' })
  const all = computed(() => (loaded.value.state === 'ready' ? loaded.value.value : []))
  let openId = ''

  async function load(): Promise<void> {
    try {
      loaded.value = { state: 'ready', value: (await readBundles()).bundles }
    } catch (error) {
      const reason = refusalOf(error)
      if (loaded.value.state !== 'ready') loaded.value = { state: 'error', reason }
    }
  }

  async function open(id: string): Promise<void> {
    if (openId !== id) opened.value = { state: 'loading' }
    openId = id
    try {
      const value = await readBundle(id)
      if (openId === id) opened.value = { state: 'ready', value }
    } catch (error) {
      const reason = refusalOf(error)
      if (openId === id) opened.value = { state: 'error', reason }
    }
  }

  /** A new bundle of these documents; its id, or null when it was refused. */
  async function make(name: string, documentIds: readonly DocumentId[]): Promise<BundleId | null> {
    const id = newId<BundleId>()
    const outcome = await acts.act({ kind: 'bundle.set', id, name, note: '', done: false, documentIds })
    if (outcome.ok) await load()
    return outcome.ok ? id : null
  }

  async function put(id: BundleId, documentIds: readonly DocumentId[]): Promise<void> {
    await acts.act({ kind: 'bundle.put', id, documentIds })
  }

  return { loaded, opened, all, load, open, make, put, archiveAddress }
})
