// Drafts that wait, and the person's own skeletons.

import { defineStore } from 'pinia'
import { newId } from '../../contract/newId'
import { shallowRef } from 'vue'
import type { DraftHead, Skeleton } from '../../contract/draft'
import type { DraftLine, PeriodOf } from '../../core/draft/index'
import { baseOf, outlineText } from '../../core/draft/index'
import type { FolderId } from '../../core/ids'
import * as api from '../api/drafts'
import { useColourKey } from './colourKey'
import { usePlan } from './plan'
import type { Remote } from './remote'
import { refusalOf } from './remote'

export const useDrafts = defineStore('drafts', () => {
  const [plan, colourKey] = [usePlan(), useColourKey()]
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

  /** Makes a draft of lines and keeps it; the id to open it by. Throws the refusal. */
  async function begin(draft: {
    name: string
    rootId: FolderId | null
    lines: readonly DraftLine[]
    additive?: boolean
    period?: PeriodOf
  }): Promise<string> {
    const id = newId()
    const { name, rootId, lines, additive = false, period = null } = draft
    const base = additive ? [] : baseOf(plan.tree, colourKey.meaningName, rootId)
    const folderIds = lines.map(line => line.folderId)
    const content = { text: outlineText(lines), folderIds, numbering: null, additive, period, base }
    await api.keepDraft(id, { name, rootId, content })
    return id
  }

  async function discard(id: string): Promise<void> {
    await api.discardDraft(id)
    await load()
  }

  async function keepSkeleton(name: string, outline: string): Promise<void> {
    await api.keepSkeleton(newId(), { name, outline })
    await load()
  }

  async function dropSkeleton(id: string): Promise<void> {
    await api.discardSkeleton(id)
    await load()
  }

  return { loaded, load, begin, discard, keepSkeleton, dropSkeleton }
})
