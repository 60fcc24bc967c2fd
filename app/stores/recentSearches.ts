// What was searched for lately.

import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { RecentSearch } from '../../contract/find'
import type { SearchParams } from '../api/find'
import * as api from '../api/find'
import { useNotice } from './notice'
import { refusalOf } from './remote'

export const useRecentSearches = defineStore('recentSearches', () => {
  const notices = useNotice()
  const recent = shallowRef<readonly RecentSearch[]>([])

  async function load(): Promise<void> {
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
      await load()
    } catch (error) {
      refusalOf(error) // away: it is not remembered, which harms nothing
    }
  }

  async function forget(): Promise<void> {
    try {
      await api.forgetSearches()
      recent.value = []
      notices.say('Recent searches are forgotten')
    } catch (error) {
      notices.refuse(refusalOf(error))
    }
  }

  return { recent, load, note, forget }
})
