// What the commands of giving have in common.

import type { Part } from '../../history/index'
import { message } from '../../history/index'
import type { DocumentId, FolderId } from '../../ids'
import type { GrantRow } from '../../rows/index'
import type { Decision, Moment, Slice } from '../slice'
import { documentPlaceValue, findDocument, findFolder, isDecision, placeValue } from '../slice'
import { homeOf, placesOf } from './editDocument'

export const NOTE_LIMIT = 2000

/** What is given, in the words of History, and where it lies; or why it cannot be given. */
export function thingOf(
  slice: Slice,
  target: GrantRow['target'],
  id: string,
  moment: Moment,
): { readonly thing: Part; readonly places: readonly (FolderId | null)[] } | Decision {
  if (target === 'plan') return { thing: message('wholePlan'), places: [null] }
  if (target === 'folder') {
    const folder = findFolder(slice, id as FolderId)
    if (isDecision(folder)) return folder
    return { thing: placeValue(slice, folder.id, moment.locale), places: [folder.id] }
  }
  const document = findDocument(slice, id as DocumentId)
  if (isDecision(document)) return document
  const place = documentPlaceValue(slice, homeOf(slice, document), moment.locale)
  return { thing: message('documentIn', { name: document.name, place }), places: placesOf(slice, document) }
}

/** A person or a group by its name; null where there is none. */
export function whoValue(slice: Slice, who: GrantRow['who'], whoId: string | null): Part | null {
  if (who === 'everyone') return message('everyone')
  const { name = null } = (who === 'group' ? slice.groups : slice.people).get(whoId ?? '') ?? {}
  return name
}
