// Drafts that wait, and the person's own skeletons.

import { defineStore } from 'pinia'
import { v7 } from 'uuid'
import { shallowRef } from 'vue'
import type { DraftHead, Skeleton } from '../../contract/draft'
import * as api from '../api/drafts'
import type { Remote } from './remote'
import { refusalOf } from './remote'

export const useDrafts = defineStore('drafts', () => {
  const loaded = shallowRef<Remote<{ drafts: readonly DraftHead[]; skeletons: readonly Skeleton[] }>>({ state: 'idle' })

  async function load(): Promise<void> {
    if (loaded.value.state !== 'ready') loaded.value = { state: 'loading' }
    try {
      const [{ drafts }, { skeletons }] = await Promise.all([api.readDrafts(), api.readSkeletons()])
      loaded.value = { state: 'ready', value: { drafts, skeletons } }
    } catch (error) {
      const reason = refusalOf(error)
      if (loaded.value.state !== 'ready') loaded.value = { state: 'error', reason }
    }
  }

  async function discard(id: string): Promise<void> {
    await api.discardDraft(id)
    await load()
  }

  async function keepSkeleton(name: string, outline: string): Promise<void> {
    await api.keepSkeleton(v7(), { name, outline })
    await load()
  }

  async function dropSkeleton(id: string): Promise<void> {
    await api.discardSkeleton(id)
    await load()
  }

  return { loaded, load, discard, keepSkeleton, dropSkeleton }
})
