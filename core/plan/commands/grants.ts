// What the commands of giving have in common.

import type { Part } from '../../history/index'
import { message, namedThings } from '../../history/index'
import type { DocumentId, FolderId } from '../../ids'
import type { GrantRow } from '../../rows/index'
import type { Decision, Moment, Slice } from '../slice'
import { documentPlaceValue, findDocument, findFolder, isDecision, placeValue, refuse } from '../slice'
import { homeOf, placesOf } from './editDocument'

export const NOTE_LIMIT = 2000

export interface GivenAway {
  /** In the words of History. */
  readonly thing: Part
  readonly target: GrantRow['target']
  readonly name: string
  /** Where it lies. */
  readonly places: readonly (FolderId | null)[]
}

/** What is given; or why it cannot be. */
export function thingOf(slice: Slice, target: GrantRow['target'], id: string, moment: Moment): GivenAway | Decision {
  if (target === 'plan') {
    if (id !== slice.plan.id) return refuse('notFound')
    return { thing: message('wholePlan'), target, name: slice.plan.name, places: [null] }
  }
  if (target === 'folder') {
    const folder = findFolder(slice, id as FolderId)
    if (isDecision(folder)) return folder
    return { thing: placeValue(slice, folder.id, moment.locale), target, name: folder.name, places: [folder.id] }
  }
  const document = findDocument(slice, id as DocumentId)
  if (isDecision(document)) return document
  const place = documentPlaceValue(slice, homeOf(slice, document), moment.locale)
  const { name } = document
  return { thing: message('documentIn', { name, place }), target, name, places: placesOf(slice, document) }
}

/** Why a thing is not given; null: it may be. */
export function refusedGiving(slice: Slice, target: GrantRow['target'], id: string): Decision | null {
  const isArea = target === 'folder' && slice.folders.get(id)?.area === true
  return slice.plan.areasOnly && !isArea ? refuse('give.areasOnly') : null
}

/** One by its name and place, several counted. */
export function thingsValue(things: readonly GivenAway[]): Part | readonly Part[] {
  const [first, second] = things
  if (first && !second) return first.thing
  const of = (target: GivenAway['target']) => things.filter(one => one.target === target)
  return [...of('plan').map(({ thing }) => thing), ...namedThings(of('folder'), of('document'))]
}

/** A person or a group by its name; null where there is none. */
export function whoValue(slice: Slice, who: GrantRow['who'], whoId: string | null): Part | null {
  if (who === 'everyone') return message('everyone')
  const { name = null } = (who === 'group' ? slice.groups : slice.people).get(whoId ?? '') ?? {}
  return name
}
