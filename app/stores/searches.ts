// Kept searches with their counts.

import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { newId } from '../../contract/newId'
import type { KeptSearch } from '../../contract/plan'
import type { FolderId, SearchId } from '../../core/ids'
import * as api from '../api/find'
import { useActs } from './acts'
import { usePlan } from './plan'
import { refusalOf } from './remote'

export const useSearches = defineStore('searches', () => {
  const plan = usePlan()
  const acts = useActs()
  const counts = shallowRef<ReadonlyMap<string, number | null>>(new Map())

  const kept = computed<readonly KeptSearch[]>(() => plan.reply?.searches ?? [])
  const byId = computed(() => new Map(kept.value.map(search => [search.id as string, search])))
  const pinned = computed(() => kept.value.filter(search => search.pinned))
  const onDesk = computed(() => kept.value.filter(search => search.desk))
  const inFolder = (id: FolderId) => kept.value.filter(search => search.folderId === id)

  /** "12", "10,000+", or nothing where it is not known. */
  function countText(id: string): string {
    const count = counts.value.get(id)
    return count === undefined || count === null ? '' : count > 10_000 ? '10,000+' : count.toLocaleString('en-GB')
  }

  async function loadCounts(): Promise<void> {
    if (kept.value.length === 0) return
    try {
      counts.value = new Map((await api.countKept()).counts.map(({ id, count }) => [id, count]))
    } catch (error) {
      refusalOf(error) // away: the numbers that are there stay
    }
  }

  async function keep(
    search: Omit<KeptSearch, 'id' | 'createdAt'>,
    id = newId<SearchId>(),
  ): Promise<{ ok: true; id: SearchId } | { ok: false; why: string }> {
    const { name, query, folderId, pinned: isPinned, desk } = search
    const outcome = await acts.act(
      { kind: 'search.keep', id, name, query, folderId, pinned: isPinned, desk },
      { quiet: true },
    )
    return outcome.ok ? { ok: true, id } : { ok: false, why: outcome.reason.message }
  }

  const drop = (id: SearchId) => acts.act({ kind: 'search.drop', id })

  return { counts, kept, byId, pinned, onDesk, inFolder, countText, loadCounts, keep, drop }
})
