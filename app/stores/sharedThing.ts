// What a link opens, for whoever has it: its outline, the documents of the open folder, what a search finds.

import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Shared, SharedDocument, SharedFound } from '../../contract/shared'
import * as api from '../api/shared'
import type { Remote } from './remote'
import { refusalOf } from './remote'

export const useSharedThing = defineStore('sharedThing', () => {
  const opened = shallowRef<Remote<Shared>>({ state: 'idle' })
  const documents = shallowRef<Remote<readonly SharedDocument[]>>({ state: 'idle' })
  const found = shallowRef<Remote<SharedFound['documents']>>({ state: 'idle' })
  const secret = ref('')
  /** What is asked for later is shown, whichever answer comes last. */
  let [listed, asked] = [0, 0]

  const shared = computed(() => (opened.value.state === 'ready' ? opened.value.value : null))
  const archive = computed(() => api.sharedArchive(secret.value))

  /** Documents are read by the link from now on, until `close`. */
  async function open(given: string): Promise<void> {
    secret.value = given
    api.readByLink(given)
    opened.value = { state: 'loading' }
    opened.value = await remote(api.readShared(given))
  }

  async function list(folder: string): Promise<void> {
    const mine = ++listed
    documents.value = { state: 'loading' }
    const all: SharedDocument[] = []
    const load = async (cursor: string | null): Promise<readonly SharedDocument[]> => {
      const page = await api.listShared(secret.value, folder, cursor)
      all.push(...page.documents)
      return page.next === null ? all : load(page.next)
    }
    const answer = await remote(load(null))
    if (mine === listed) documents.value = answer
  }

  async function find(words: string): Promise<void> {
    const mine = ++asked
    if (words.trim() === '') {
      found.value = { state: 'idle' }
      return
    }
    const answer = await remote(api.findShared(secret.value, words).then(reply => reply.documents))
    if (mine === asked) found.value = answer
  }

  function close(): void {
    api.readByLink(null)
  }

  return { opened, shared, documents, found, archive, open, list, find, close }
})

async function remote<T>(work: Promise<T>): Promise<Remote<T>> {
  try {
    return { state: 'ready', value: await work }
  } catch (error) {
    return { state: 'error', reason: refusalOf(error) }
  }
}
