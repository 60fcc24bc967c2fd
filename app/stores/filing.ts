// Filing what waits in the In-tray: what is suggested for the document in view, what was chosen for it,
// and the act itself.

import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Suggestions } from '../../contract/filing'
import { CONFIDENT } from '../../core/filing/index'
import type { DocumentId, FolderId, TagId } from '../../core/ids'
import { readSuggestions } from '../api/documents'
import { useActs } from './acts'
import type { Remote } from './remote'
import { refusalOf } from './remote'
import { NO_SUGGESTIONS, suggestionsAhead } from './suggestionsAhead'
import { useView } from './view'

export interface Waiting {
  readonly id: DocumentId
  readonly name: string
}
interface PickedTag {
  readonly id: TagId
  readonly name: string
}

export const useFiling = defineStore('filing', () => {
  const [acts, view] = [useActs(), useView()]
  const documents = shallowRef<readonly Waiting[]>([])
  const suggestions = shallowRef<Remote<Suggestions>>({ state: 'idle' })
  const [name, refused] = [ref(''), ref('')]
  const places = ref<FolderId[]>([])
  const tags = ref<PickedTag[]>([])
  let chose = false
  let request = 0
  const ahead = suggestionsAhead()

  const only = computed(() => (documents.value.length === 1 ? (documents.value[0] ?? null) : null))
  const suggested = computed(() => (suggestions.value.state === 'ready' ? suggestions.value.value : NO_SUGGESTIONS))

  /** Takes these documents in view; `next` is the one that will come after, which is looked at ahead. */
  async function look(waiting: readonly Waiting[], next: DocumentId | null): Promise<void> {
    const mine = ++request
    const isSame = waiting.map(({ id }) => id).join() === documents.value.map(({ id }) => id).join()
    documents.value = waiting
    if (!isSame) begin()
    if (waiting.length === 0) return
    if (!isSame) suggestions.value = { state: 'loading' }
    try {
      const found = await ahead.together(waiting)
      if (mine !== request) return
      suggestions.value = { state: 'ready', value: found }
      const [best] = found.places
      if (!chose) places.value = best && best.share >= CONFIDENT ? [best.folderId] : []
      if (next) void ahead.fetch(next)
    } catch (error) {
      const reason = refusalOf(error)
      if (mine === request) suggestions.value = { state: 'error', reason }
    }
  }

  function begin(): void {
    name.value = only.value?.name ?? ''
    places.value = []
    tags.value = []
    refused.value = ''
    chose = false
  }

  /** The place, or one more beside those chosen. Names are made as they are made there. */
  async function choose(folderId: FolderId, asWell = false): Promise<void> {
    chose = true
    refused.value = ''
    places.value = !asWell
      ? [folderId]
      : places.value.includes(folderId)
        ? places.value.filter(id => id !== folderId)
        : [...places.value, folderId]
    const home = places.value[0]
    const { value: document } = only
    if (!document || home === undefined || suggestions.value.state !== 'ready') return
    const mine = request
    try {
      const { names } = await readSuggestions(document.id, home)
      if (mine === request) suggestions.value = { state: 'ready', value: { ...suggested.value, names } }
    } catch (error) {
      refusalOf(error) // the names that are there stay
    }
  }

  /** True when it was done. */
  async function file(): Promise<boolean> {
    if (places.value.length === 0) {
      refused.value = 'Choose a place first: 1 to 3, or M for another folder.'
      return false
    }
    const { value: document } = only
    const renamed = document && name.value.trim() !== document.name ? name.value : null
    const outcome = await acts.act(
      {
        kind: 'document.file',
        documents: documents.value.map(({ id }) => ({ id, name: renamed })),
        folderIds: [...places.value],
        tags: tags.value,
      },
      { quiet: true },
    )
    refused.value = outcome.ok ? '' : outcome.reason.message
    if (outcome.ok) view.wentTo(places.value)
    return outcome.ok
  }

  const { forget: forgetAhead } = ahead
  return { documents, only, suggestions, suggested, name, places, tags, refused, look, choose, file, forgetAhead }
})
