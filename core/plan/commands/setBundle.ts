import * as yup from 'yup'
import { inserted, updated } from '../../change/index'
import type { Message } from '../../history/index'
import { message } from '../../history/index'
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
      messageOf(present, checked.name, done),
      [],
    )
  const bundle: BundleRow = { id, name: checked.name, note, done, createdAt: moment.now }
  const put = itemRows(slice, bundle, command.documentIds, moment)
  if (isDecision(put)) return put
  return decided(
    [inserted('bundle', bundle), ...put.rows],
    message('bundle.make', { name: bundle.name, documents: put.documents.length }),
    [],
  )
}

function messageOf(present: BundleRow, name: string, done: boolean): Message {
  if (present.done !== done) return message(done ? 'bundle.done' : 'bundle.again', { name })
  return present.name === name
    ? message('bundle.change', { name })
    : message('bundle.rename', { before: present.name, name })
}

export const bundleSet = command('bundle.set', {
  fields,
  needs: ({ id, documentIds = [] }) => ({ bundleId: id, documentIds }),
  decide: setBundle,
  doc: '`id`, `name`, `note`, `done`, `documentIds` (of a new one)',
})
