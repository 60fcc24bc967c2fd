// What can be done with all that a search finds: keep it, make a folder of it, bundle it. Each says first what it will
// do.

import type { ComputedRef, Ref } from 'vue'
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { newId } from '../../contract/newId'
import { counted } from '../../core/change/index'
import type { BundleId, DocumentId, FolderId, SearchId } from '../../core/ids'
import { findIds } from '../api/find'
import { useActs } from '../stores/acts'
import { useNotice } from '../stores/notice'
import { useDialogs } from '../stores/dialogs'
import { refusalOf } from '../stores/remote'
import { useSearches } from '../stores/searches'

export interface WholeSearch {
  /** The dialog to keep the search is open. */
  readonly keeping: Ref<boolean>
  wasKept: (id: SearchId) => void
  makeFolder: () => Promise<void>
  bundle: () => Promise<void>
  /** The kept search that is looked at was deleted. */
  wasDropped: () => void
}

export function useWholeSearch(query: ComputedRef<Record<string, string>>, nameOf: () => string): WholeSearch {
  const [acts, dialogs, searches, router, route] = [useActs(), useDialogs(), useSearches(), useRouter(), useRoute()]
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
  const shortName = () =>
    nameOf()
      .replace(/[{}/\\]/g, '')
      .trim()
      .slice(0, 60) || 'Found'

  async function makeFolder(): Promise<void> {
    const ids = await found()
    if (!ids) return
    const kept = searches.byId.get(typeof route.query.kept === 'string' ? route.query.kept : '')
    const answers = await dialogs.ask({
      label: 'Make a folder of this search',
      title: `Make the folder “${shortName()}” of ${counted(ids.length, 'document')}?`,
      leave: 'Leave it as a search',
      parts: [
        {
          title: 'What happens to the documents',
          choices: [
            { value: 'file', title: 'file them there as well' },
            { value: 'move', title: 'move them there' },
          ],
          rows: [{ key: 'way', name: counted(ids.length, 'document'), note: 'one act, with one Undo' }],
        },
        ...(kept
          ? [
              {
                title: 'The kept search',
                choices: [
                  { value: 'stay', title: 'stays' },
                  { value: 'drop', title: 'goes' },
                ],
                rows: [{ key: 'kept', name: kept.name }],
              },
            ]
          : []),
      ],
    })
    if (!answers) return
    const folderId = newId<FolderId>()
    const outcome = await acts.act({
      kind: 'search.folder',
      id: kept?.id ?? null,
      folderId,
      parentId: kept?.folderId ?? null,
      name: shortName(),
      documentIds: ids,
      way: answers.get('way') === 'move' ? 'move' : 'file',
      drop: answers.get('kept') === 'drop',
    })
    if (outcome.ok) await router.push(`/plan/${folderId}`)
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

  return { keeping, wasKept, wasDropped, makeFolder, bundle }
}
