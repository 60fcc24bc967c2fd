import * as yup from 'yup'
import { counted, inserted, quoted, updated } from '../../change/index'
import type { BundleRow } from '../../rows/index'
import { bundleId, documentIds } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import { checkName } from '../name'
import { name } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, isDecision, refuse } from '../slice'
import { itemRows } from './bundles'
import { REMARK_LIMIT } from './editDocument'

const fields = {
  id: bundleId(),
  name: name(),
  note: yup.string().strict().default(''),
  done: yup.boolean().default(false),
  documentIds: documentIds().default([]),
}

/** Makes a bundle with the given documents, or changes name, note and done mark of one. */
function setBundle(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  const length = [...command.note].length
  if (length > REMARK_LIMIT) return refuse('text.long', { length, limit: REMARK_LIMIT })
  const { id, note, done } = command
  const present = slice.bundles.get(id)
  if (present)
    return decided(
      updated('bundle', present, { name: checked.name, note, done }),
      labelOf(present, checked.name, done),
      [],
    )
  const bundle: BundleRow = { id, name: checked.name, note, done, createdAt: moment.now }
  const put = itemRows(slice, bundle, command.documentIds, moment)
  if (isDecision(put)) return put
  return decided(
    [inserted('bundle', bundle), ...put.rows],
    `New bundle ${quoted(bundle.name)}${put.documents.length > 0 ? ` of ${counted(put.documents.length, 'document')}` : ''}`,
    [],
  )
}

function labelOf(present: BundleRow, name: string, done: boolean): string {
  if (present.done !== done)
    return done ? `Marked the bundle ${quoted(name)} as done` : `Took up the bundle ${quoted(name)} again`
  return present.name === name
    ? `Changed the bundle ${quoted(name)}`
    : `Renamed the bundle ${quoted(present.name)} to ${quoted(name)}`
}

export const bundleSet = command('bundle.set', {
  fields,
  needs: ({ id, documentIds = [] }) => ({ bundleId: id, documentIds }),
  decide: setBundle,
  doc: '`id`, `name`, `note`, `done`, `documentIds` (of a new one)',
})
