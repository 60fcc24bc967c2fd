// The acts on one folder that alter a single fact of it.

import { updated } from '../../change/index'
import { message } from '../../history/index'
import type { FolderId } from '../../ids'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeValue, refuse } from '../slice'

const PURPOSE_LIMIT = 2000

export function writeText(
  slice: Slice,
  id: FolderId,
  key: 'purpose' | 'remark',
  given: string,
  moment: Moment,
): Decision {
  const folder = findFolder(slice, id)
  if (isDecision(folder)) return folder
  const text = given.trim()
  const length = [...text].length
  if (length > PURPOSE_LIMIT) return refuse('text.long', { length, limit: PURPOSE_LIMIT })
  const place = placeValue(slice, folder.id, moment.locale)
  return decided(
    updated('folder', folder, { [key]: text }),
    message(text === '' ? `folder.${key}Off` : `folder.${key}`, { place }),
    [folder.id],
  )
}
