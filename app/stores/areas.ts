// Areas, where things are put for others: one's own, and those of others into which one may put something.

import { defineStore } from 'pinia'
import { computed } from 'vue'
import { newId } from '../../contract/newId'
import { includesRole } from '../../core/access/index'
import { counted, quoted } from '../../core/change/index'
import type { DocumentId, FolderId } from '../../core/ids'
import { outlineOf } from '../../core/tree/index'
import * as api from '../api/shared'
import { useActs } from './acts'
import type { MeantThing } from './dialogs'
import { useGivenTexts } from './givenTexts'
import { useNotice } from './notice'
import { usePlaceNames } from './placeNames'
import { usePlan } from './plan'
import { useReceived } from './received'
import { remoteOf } from './remote'
import { useSession } from './session'

export interface Area {
  readonly folderId: FolderId
  /** "2.2 Handouts". */
  readonly name: string
  readonly purpose: string
  /** Whose it is, and by which grant it is reached; null: one's own. */
  readonly of: { readonly from: string; readonly key: string } | null
  /** Who may what there, in words; empty: only oneself. */
  readonly given: string
}

export const useAreas = defineStore('areas', () => {
  const [acts, plan, received, placeNames, texts] = [
    useActs(),
    usePlan(),
    useReceived(),
    usePlaceNames(),
    useGivenTexts(),
  ]
  const [notices, session] = [useNotice(), useSession()]

  /** In the order of the outline. */
  const own = computed<readonly Area[]>(() =>
    outlineOf(plan.tree)
      .map(({ folder }) => folder)
      .filter(({ area }) => area)
      .map(({ id, purpose }) => ({
        ...{ folderId: id, name: placeNames.placeOf(id)?.text ?? '', purpose, of: null },
        given: texts.givenText(id),
      })),
  )
  /** Whoever works in the plan of another sees the areas of that plan as its owner does. */
  const ofOthers = computed<readonly Area[]>(() => {
    const byId = new Map<string, Area>()
    for (const { id: key, areas, from, role } of session.isGuest ? [] : received.all)
      for (const { folderId, name, purpose } of includesRole(role, 'add') ? areas : [])
        byId.set(folderId, { ...{ folderId, name, purpose, given: '' }, of: { from, key } })
    return [...byId.values()]
  })
  const all = computed(() => [...own.value, ...ofOthers.value])

  /** Into one's own they are filed as well, into that of another go copies. Why not, if not. */
  async function put(area: Area, documents: readonly MeantThing[]): Promise<string> {
    const ids = documents.map(({ id }) => id as DocumentId)
    if (area.of === null) {
      const named = ids.map(id => ({ id, name: null }))
      const outcome = await acts.act(
        { kind: 'document.file', documents: named, folderIds: [area.folderId], tags: [] },
        { quiet: true },
      )
      return outcome.ok ? '' : outcome.reason.message
    }
    const { from, key } = area.of
    const copies = ids.map(id => ({ id, copyId: newId<DocumentId>() }))
    const change = newId()
    const answer = await remoteOf(api.putShared(key, area.folderId, change, copies))
    if (answer.state === 'error') return answer.reason.message
    const [only] = documents
    const what = only && documents.length === 1 ? quoted(only.name) : counted(documents.length, 'document')
    notices.say(`Put a copy of ${what} into ${area.name} of ${from}`, () => takeBack(key, change, what))
    return ''
  }

  /** Out of the area of another again. */
  async function takeBack(key: string, change: string, what: string): Promise<void> {
    const answer = await remoteOf(api.undoShared(key, newId(), change))
    if (answer.state === 'error') notices.refuse(answer.reason)
    else notices.say(`Took the copy of ${what} back`)
  }

  return { own, ofOthers, all, put }
})
