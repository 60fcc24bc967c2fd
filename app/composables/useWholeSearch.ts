// What can be done with all that a search finds: keep it, make a folder of it, bundle it. Each says first what it will
// do.

import type { ComputedRef, Ref } from 'vue'
import { ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { newId } from '../../contract/newId'
import type { KeptSearch } from '../../contract/plan'
import { calledInWords } from '../../core/find/index'
import type { BundleId, DocumentId, FolderId, SearchId } from '../../core/ids'
import { findIds } from '../api/find'
import { useActs } from '../stores/acts'
import { useNotice } from '../stores/notice'
import { refusalOf } from '../stores/remote'
import { useSearches } from '../stores/searches'

export interface FolderOfSearch {
  readonly documentIds: readonly DocumentId[]
  /** The kept search that is looked at. */
  readonly kept: KeptSearch | null
  /** Proposed. */
  readonly name: string
  readonly parentId: FolderId | null
}
export interface MadeFolder {
  readonly name: string
  readonly parentId: FolderId | null
  readonly way: 'file' | 'move'
  /** The search is no longer kept. */
  readonly drop: boolean
}

export interface WholeSearch {
  /** The dialog to keep the search is open. */
  readonly keeping: Ref<boolean>
  wasKept: (id: SearchId) => void
  /** What is to become a folder; null: nothing. */
  readonly making: Ref<FolderOfSearch | null>
  /** Looks what is found, and asks how. */
  makeFolder: () => Promise<void>
  /** Makes it so and opens it; or says why not. */
  makeIt: (chosen: MadeFolder) => Promise<string | null>
  bundle: () => Promise<void>
  /** The kept search that is looked at was deleted. */
  wasDropped: () => void
}

export function useWholeSearch(query: ComputedRef<Record<string, string>>, nameOf: () => string): WholeSearch {
  const [acts, searches, router, route] = [useActs(), useSearches(), useRouter(), useRoute()]
  const notices = useNotice()
  const keeping = ref(false)

  function wasKept(id: SearchId): void {
    keeping.value = false
    void router.replace({ path: '/find', query: { ...query.value, kept: id } })
    void searches.loadCounts()
  }

  async function found(): Promise<readonly DocumentId[] | null> {
    try {
      const { ids, more } = await findIds(query.value)
      if (more) notices.say('More than 10,000 are found; the newest 10,000 are taken')
      if (ids.length === 0) notices.say('Nothing is found')
      return ids.length === 0 ? null : ids
    } catch (error) {
      notices.refuse(refusalOf(error))
      return null
    }
  }

  /** A short name of a search, as a folder or bundle may have it. */
  const shortName = () => calledInWords(nameOf()).replace(/[/\\]/g, '').trim().slice(0, 60) || 'Found'

  const making = shallowRef<FolderOfSearch | null>(null)

  async function makeFolder(): Promise<void> {
    const documentIds = await found()
    if (!documentIds) return
    const kept = searches.byId.get(typeof route.query.kept === 'string' ? route.query.kept : '') ?? null
    making.value = { documentIds, kept, name: shortName(), parentId: kept?.folderId ?? null }
  }

  async function makeIt({ name, parentId, way, drop }: MadeFolder): Promise<string | null> {
    const request = making.value
    if (!request) return null
    const folderId = newId<FolderId>()
    const { documentIds, kept } = request
    const outcome = await acts.act(
      { kind: 'search.folder', id: kept?.id ?? null, folderId, parentId, name, documentIds, way, drop },
      { quiet: true },
    )
    if (!outcome.ok) return outcome.reason.message
    making.value = null
    await router.push(`/plan/${folderId}`)
    return null
  }

  async function bundle(): Promise<void> {
    const ids = await found()
    if (!ids) return
    const id = newId<BundleId>()
    const outcome = await acts.act({
      kind: 'bundle.set',
      id,
      name: shortName(),
      note: '',
      done: false,
      documentIds: ids,
    })
    if (outcome.ok) await router.push(`/bundle/${id}`)
  }

  /** The search itself stays on the page. */
  function wasDropped(): void {
    keeping.value = false
    const { kept: _, ...query } = router.currentRoute.value.query
    void router.replace({ query })
  }

  return { keeping, wasKept, wasDropped, making, makeFolder, makeIt, bundle }
}
