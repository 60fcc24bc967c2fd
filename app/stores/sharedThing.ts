// What a key opens, of a link or of a grant: its outline, the documents of the open folder, what a search finds.

import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Shared, SharedDocument, SharedFound } from '../../contract/shared'
import { includesRole } from '../../core/access/index'
import * as api from '../api/shared'
import type { Remote } from './remote'
import { remoteOf } from './remote'

export const useSharedThing = defineStore('sharedThing', () => {
  const opened = shallowRef<Remote<Shared>>({ state: 'idle' })
  const documents = shallowRef<Remote<readonly SharedDocument[]>>({ state: 'idle' })
  /** So many of them, from the beginning, are kept before the others. */
  const first = ref(0)
  const found = shallowRef<Remote<SharedFound['documents']>>({ state: 'idle' })
  const key = ref('')
  /** What is asked for later is shown, whichever answer comes last. */
  let [listed, asked] = [0, 0]
  let stop: (() => void) | null = null
  let openFolder = ''
  let words = ''

  const shared = computed(() => (opened.value.state === 'ready' ? opened.value.value : null))
  const archive = computed(() => api.sharedArchive(key.value))
  const mayAdd = computed(() => includesRole(shared.value?.role ?? null, 'add') && shared.value?.from !== null)
  const mayEdit = computed(() => includesRole(shared.value?.role ?? null, 'edit') && shared.value?.from !== null)

  /** Documents are read by the key from now on, until `close`; what changes in it is shown. */
  async function open(given: string): Promise<void> {
    close()
    key.value = given
    api.readBy(given)
    opened.value = { state: 'loading' }
    opened.value = await remoteOf(api.readShared(given))
    if (key.value === given && opened.value.state === 'ready')
      stop = api.followShared(given, { changed: again, gone: again })
  }

  async function again(): Promise<void> {
    const value = await remoteOf(api.readShared(key.value))
    if (value.state === 'ready' || value.state === 'error') opened.value = value
    if (value.state !== 'ready') return
    if (openFolder !== '') await list(openFolder, true)
    if (words.trim() !== '') await find(words)
  }

  async function list(folder: string, quietly = false): Promise<void> {
    const mine = ++listed
    openFolder = folder
    if (!quietly) documents.value = { state: 'loading' }
    const all: SharedDocument[] = []
    const load = async (cursor: string | null): Promise<readonly SharedDocument[]> => {
      const page = await api.listShared(key.value, folder, cursor)
      all.push(...page.documents)
      if (cursor === null && mine === listed) first.value = page.first
      return page.next === null ? all : load(page.next)
    }
    const answer = await remoteOf(load(null))
    if (mine === listed) documents.value = answer
  }

  async function find(typed: string): Promise<void> {
    const mine = ++asked
    words = typed
    if (typed.trim() === '') {
      found.value = { state: 'idle' }
      return
    }
    const answer = await remoteOf(api.findShared(key.value, typed).then(reply => reply.documents))
    if (mine === asked) found.value = answer
  }

  /** Throws the refusal, which the form shows. */
  async function unlock(passphrase: string): Promise<void> {
    await api.unlockShared(key.value, passphrase)
  }

  function close(): void {
    stop?.()
    stop = null
    openFolder = words = ''
    api.readBy(null)
  }

  return {
    ...{ opened, shared, documents, first, found, archive, key, mayAdd, mayEdit },
    ...{ open, unlock, again, list, find, close },
  }
})
