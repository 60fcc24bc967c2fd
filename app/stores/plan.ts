// The whole outline: folders, codes, colours and counts, computed from one reply of the server.

import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { Meaning, OutlineReply, PlanFolder, Tag } from '../../contract/plan'
import { meaningOf, stripesOf } from '../../core/colour/index'
import type { FolderId, MeaningId } from '../../core/ids'
import { codedName, naturalOrder, numberTree, PLAIN_NUMBERING } from '../../core/numbering/index'
import type { FolderRow } from '../../core/rows/index'
import { outlineOf, totalsBelow } from '../../core/tree/index'
import * as api from '../api/plan'
import { laidOn } from './ink'
import type { Remote } from './remote'
import { refusalOf } from './remote'

export interface Place {
  readonly code: string
  readonly name: string
  readonly text: string
  readonly ink: string | null
  /** Background for its colour, with the gaps of its pattern. */
  readonly laid: string | null
}

export const usePlan = defineStore('plan', () => {
  const outline = shallowRef<Remote<OutlineReply>>({ state: 'idle' })
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
  const meanings = computed<readonly Meaning[]>(() => reply.value?.meanings ?? [])
  const meaningById = computed(() => new Map(meanings.value.map(meaning => [meaning.id, meaning])))
  const totals = computed(() => totalsBelow(tree.value, folder => reply.value?.counts[folder.id] ?? 0))
  const starredFolders = computed(() => new Set(reply.value?.starred ?? []))
  const tags = computed<readonly Tag[]>(() => reply.value?.tags ?? [])
  const tagById = computed(() => new Map(tags.value.map(tag => [tag.id, tag])))
  /** Folders kept in the short list, in the order of the outline. */
  const pinned = computed(() =>
    outlineOf(tree.value)
      .map(({ folder }) => folder)
      .filter(folder => folder.pinned),
  )
  const inTray = computed(() => reply.value?.inTray ?? 0)
  const findable = computed(() =>
    [...tree.value.byId.values()]
      .map(folder => ({ id: folder.id, name: folder.name, folded: folder.folded, code: codeOf(folder.id) }))
      .sort((a, b) => naturalOrder('en')(a.code, b.code)),
  )

  function codeOf(id: FolderId): string {
    return numbered.value.codes.get(id)?.code ?? ''
  }

  function inkOf(id: MeaningId | null): string | null {
    return id === null ? null : (meaningById.value.get(id)?.ink ?? null)
  }

  function laidOf(id: MeaningId | null): string | null {
    const shown = id === null ? undefined : meaningById.value.get(id)
    return shown ? laidOn(shown.ink, shown.pattern) : null
  }

  function meaningName(id: string): string | null {
    return meaningById.value.get(id as MeaningId)?.name ?? null
  }

  /** How a place is named and coloured; null is the In-tray. A folder that is gone (or in the Trash) gives null. */
  function placeOf(id: FolderId | null): Place | null {
    if (id === null) return { code: '', name: 'In-tray', text: 'In-tray', ink: null, laid: null }
    const folder = tree.value.byId.get(id)
    if (!folder) return null
    const code = codeOf(id)
    const meaning = meaningOf(tree.value, id)
    return { code, name: folder.name, text: codedName(code, folder.name), ink: inkOf(meaning), laid: laidOf(meaning) }
  }

  /** Backgrounds of the stripes, from the top folder down to this one. */
  function stripes(id: FolderId): (string | null)[] {
    return stripesOf(tree.value, id).map(laidOf)
  }

  /** Loads, or loads again without showing an empty page in between; only the newest answer counts. */
  async function load(): Promise<void> {
    const mine = ++request
    if (outline.value.state !== 'ready') outline.value = { state: 'loading' }
    try {
      const value = await api.readPlan()
      if (mine === request) outline.value = { state: 'ready', value }
    } catch (error) {
      const reason = refusalOf(error)
      if (mine === request && outline.value.state !== 'ready') outline.value = { state: 'error', reason }
    }
  }

  function forget(): void {
    request++
    outline.value = { state: 'idle' }
  }

  return {
    outline,
    reply,
    rows,
    tree,
    meanings,
    meaningById,
    tags,
    tagById,
    pinned,
    totals,
    starredFolders,
    inTray,
    findable,
    codeOf,
    inkOf,
    meaningName,
    placeOf,
    stripes,
    numbered,
    load,
    forget,
  }
})
