import * as yup from 'yup'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { folderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import { wrongPattern } from '../namePattern'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeValue, refuse } from '../slice'

const fields = { id: folderId(), pattern: yup.string().strict().max(1000).nullable().defined() }

/** How documents filed here, and in folders below that say nothing else, are called. */
function patternNames(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const folder = findFolder(slice, command.id)
  if (isDecision(folder)) return folder
  const namePattern = command.pattern?.trim() || null
  const why = namePattern === null ? null : wrongPattern(namePattern)
  if (why !== null) return refuse('name.pattern', { why })
  const place = placeValue(slice, folder.id, moment.locale)
  return decided(
    updated('folder', folder, { namePattern }),
    namePattern === null
      ? message('folder.patternInherited', { place })
      : message('folder.pattern', { place, pattern: namePattern }),
    [folder.id],
  )
}

export const folderNames = command('folder.names', {
  fields,
  decide: patternNames,
  doc:
    '`id`, `pattern`: how documents filed here are called, such as `{date} {title}`; parts are date, title, ' +
    'folder, sender, name, number; null: as above',
})
