import * as yup from 'yup'
import { inserted, updated } from '../../change/index'
import { message, namedThings } from '../../history/index'
import { PATTERNS } from '../../rows/index'
import { meaningId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import { name, things } from '../shapes'
import type { Decision, Slice } from '../slice'
import { decided, isDecision } from '../slice'
import { newMeaningRow } from './setMeaning'
import { thingsOf } from './tags'

const fields = {
  ...things,
  id: meaningId(),
  name: name(),
  ink: yup.string().required(),
  pattern: yup.string().oneOf(PATTERNS).default('full'),
}

/** A meaning that is made where it is needed: one act, and one Undo. */
function giveNewMeaning(slice: Slice, command: Given<typeof fields>): Decision {
  const row = newMeaningRow([...slice.meanings.values()], { ...command, closed: false })
  if (isDecision(row)) return row
  const given = thingsOf(slice, command)
  if (isDecision(given)) return given
  const { folders, documents, places } = given
  return decided(
    [
      inserted('meaning', row),
      ...folders.flatMap(folder => updated('folder', folder, { meaningId: row.id })),
      ...documents.flatMap(document => updated('document', document, { meaningId: row.id })),
    ],
    message('colour.give', { name: row.name, things: namedThings(folders, documents) }),
    places,
  )
}

export const meaningGive = command('meaning.give', {
  fields,
  needs: ({ documentIds = [] }) => ({ documentIds }),
  decide: giveNewMeaning,
  doc: '`id`, `name`, `ink`, `pattern`, `folderIds`, `documentIds`: adds a meaning to the key and gives it to them',
})
