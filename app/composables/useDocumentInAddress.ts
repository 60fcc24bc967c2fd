// The document that an address asks for (?doc=): selected once it is loaded, also far down in a list, and written there
// when one is selected by hand.

import type { Ref } from 'vue'
import { nextTick, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { DocumentId, FolderId } from '../../core/ids'
import { useDocumentList } from '../stores/documentList'

interface SelectableList {
  forget(): void
  select(key: string): void
}

/** Gives back what tells that one document is selected now. */
export function useDocumentInAddress(
  folderId: Readonly<Ref<FolderId | null>>,
  list: Readonly<Ref<SelectableList | null>>,
): (id: DocumentId) => void {
  const documentList = useDocumentList()
  const route = useRoute()
  const router = useRouter()
  // Asked for and not selected yet.
  const wanted = ref<string | null>(null)

  // What this page wrote there itself is marked, since by the time it stands in the address, or the list is loaded
  // again, the keys may be one further.
  watch(
    [() => route.query.doc, folderId] as const,
    ([id, place], [, before]) => {
      const isOwn = place === before && (history.state as { own?: boolean } | null)?.own === true
      if (!isOwn) wanted.value = typeof id === 'string' ? id : null
      // The folder itself was chosen, as by a click in the outline: keys must not act on a document that is looked at
      // no more.
      if (!isOwn && typeof id !== 'string') list.value?.forget()
    },
    { immediate: true },
  )
  watch(
    [wanted, () => documentList.loaded, list],
    async ([id, loaded]) => {
      if (id === null || loaded.state !== 'ready' || documentList.place !== folderId.value || !list.value) return
      while (!documentList.rows.some(row => row.id === id) && (await documentList.more()));
      await nextTick()
      if (wanted.value !== id) return
      wanted.value = null
      list.value.select(`d:${id}`)
    },
    { flush: 'post' },
  )

  return id => {
    wanted.value = null
    if (route.query.doc !== id) void router.replace({ query: { doc: id }, state: { own: true } })
  }
}
