import type { RowChange } from '../../change/index'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { namedDocuments } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import { checkName } from '../name'
import { foldedName } from '../runningNumbers'
import type { Decision, Slice } from '../slice'
import { decided, findDocument, isDecision } from '../slice'
import { placesOf } from './editDocument'

const fields = { names: namedDocuments().min(1).required() }

/** Gives each document its own new name, all in one Change; one name that cannot be refuses them all. */
function renameDocuments(slice: Slice, command: Given<typeof fields>): Decision {
  const rows: RowChange[] = []
  const places = []
  let last = { before: '', name: '' }
  for (const { id, name } of command.names) {
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    const checked = checkName(name)
    if (!checked.ok) return checked
    const changes = updated('document', document, {
      name: checked.name,
      folded: foldedName(checked.name, document.runningNumber),
    })
    if (changes.length === 0) continue
    rows.push(...changes)
    places.push(...placesOf(slice, document))
    last = { before: document.name, name: checked.name }
  }
  const said =
    rows.length === 1
      ? message('documents.renameOne', last)
      : message('documents.rename', { documents: message('documents', { count: rows.length }) })
  return decided(rows, said, places)
}

export const documentNames = command('document.names', {
  fields,
  needs: ({ names }) => ({ documentIds: names.map(({ id }) => id) }),
  decide: renameDocuments,
  doc: '`names` (`id`, `name`): many names in one act',
})
