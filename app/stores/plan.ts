// The whole outline: folders, codes and counts, computed from one reply of the server.

import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { OutlineReply, PlanFolder } from '../../contract/plan'
import { numberTree, PLAIN_NUMBERING } from '../../core/numbering/index'
import type { FolderRow } from '../../core/rows/index'
import { outlineOf, totalsBelow } from '../../core/tree/index'
import type { PersonHere } from '../api/events'
import * as api from '../api/plan'
import { mergedOutline } from '../../contract/mergedOutline'
import type { Remote } from './remote'
import { isPassing, refusalOf } from './remote'

export const usePlan = defineStore('plan', () => {
  const outline = shallowRef<Remote<OutlineReply>>({ state: 'idle' })
  /** Who else has a window open on it, and where. */
  const here = ref<readonly PersonHere[]>([])
  let request = 0

  const reply = computed(() => (outline.value.state === 'ready' ? outline.value.value : null))
  /** The folders as the rows that core works on: the outline holds live ones only. */
  const rows = computed(() =>
    (reply.value?.folders ?? []).map((folder): FolderRow & PlanFolder => ({
      ...folder,
      trashedAt: null,
      trashRoot: null,
    })),
  )
  const numbered = computed(() =>
    numberTree(reply.value?.plan ?? { numbering: PLAIN_NUMBERING, childOrder: 'number' }, rows.value, 'en'),
  )
  const tree = computed(() => numbered.value.tree)
  const totals = computed(() => totalsBelow(tree.value, folder => reply.value?.counts[folder.id] ?? 0))
  const starredFolders = computed(() => new Set(reply.value?.starred ?? []))
  /** Folders kept in the short list, in the order of the outline. */
  const pinned = computed(() =>
    outlineOf(tree.value)
      .map(({ folder }) => folder)
      .filter(folder => folder.pinned),
  )
  const inTray = computed(() => reply.value?.inTray ?? 0)

  /**
   * Loads, or loads again without showing an empty page in between; only the newest answer counts. False when the
   * server did not answer.
   */
  async function load(): Promise<boolean> {
    const mine = ++request
    if (outline.value.state !== 'ready') outline.value = { state: 'loading' }
    try {
      let value = mergedOutline(reply.value, await api.readPlan(reply.value?.plan.revision ?? null))
      // Another answer came in between: this one tells from a revision that is not shown any more.
      if (mine === request && value === null) value = await api.readPlan(null)
      if (mine !== request || value === null) return true
      api.showPlan(value.plan.id)
      outline.value = { state: 'ready', value }
      return true
    } catch (error) {
      const reason = refusalOf(error)
      if (mine === request && outline.value.state !== 'ready') outline.value = { state: 'error', reason }
      return mine !== request || !isPassing(reason)
    }
  }

  function meet(people: readonly PersonHere[]): void {
    here.value = people
  }

  function forget(): void {
    request++
    api.showPlan(null)
    outline.value = { state: 'idle' }
  }

  return {
    ...{ outline, reply, rows, tree, numbered, totals, pinned, starredFolders, inTray, here },
    ...{ load, meet, forget },
  }
})
