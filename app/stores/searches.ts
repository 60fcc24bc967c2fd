// Kept searches with their counts, and what was searched for lately.

import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { v7 } from 'uuid'
import type { RecentSearch } from '../../contract/find'
import type { KeptSearch } from '../../contract/plan'
import type { FolderId, SearchId } from '../../core/ids'
import type { SearchParams } from '../api/find'
import * as api from '../api/find'
import { useActs } from './acts'
import { usePlan } from './plan'
import { refusalOf } from './remote'

export const useSearches = defineStore('searches', () => {
  const plan = usePlan()
  const acts = useActs()
  const counts = shallowRef<ReadonlyMap<string, number | null>>(new Map())
  const recent = shallowRef<readonly RecentSearch[]>([])

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

  async function loadRecent(): Promise<void> {
    try {
      recent.value = (await api.readRecentSearches()).searches
    } catch (error) {
      refusalOf(error) // away: the list that is there stays
    }
  }

  /** Remembers a search from which something was opened. */
  async function note(text: string, query: SearchParams): Promise<void> {
    if (text.trim() === '') return
    try {
      await api.noteSearch(text.trim().slice(0, 500), query)
      await loadRecent()
    } catch (error) {
      refusalOf(error) // away: it is not remembered, which harms nothing
    }
  }

  async function forget(): Promise<void> {
    try {
      await api.forgetSearches()
      recent.value = []
      acts.say('Recent searches are forgotten')
    } catch (error) {
      acts.refuse(refusalOf(error))
    }
  }

  async function keep(
    search: Omit<KeptSearch, 'id' | 'createdAt'>,
    id = v7() as SearchId,
  ): Promise<{ ok: true; id: SearchId } | { ok: false; why: string }> {
    const { name, query, folderId, pinned: isPinned, desk } = search
    const outcome = await acts.act(
      { kind: 'search.keep', id, name, query, folderId, pinned: isPinned, desk },
      { quiet: true },
    )
    return outcome.ok ? { ok: true, id } : { ok: false, why: outcome.reason.message }
  }

  const drop = (id: SearchId) => acts.act({ kind: 'search.drop', id })

  return {
    counts,
    recent,
    kept,
    byId,
    pinned,
    onDesk,
    inFolder,
    countText,
    loadCounts,
    loadRecent,
    note,
    forget,
    keep,
    drop,
  }
})
