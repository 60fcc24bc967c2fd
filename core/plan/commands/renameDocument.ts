import { updated } from '../../change/index'
import { message } from '../../history/index'
import { documentId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import { checkName } from '../name'
import { foldedName } from '../runningNumbers'
import { name } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, documentPlaceValue, findDocument, isDecision } from '../slice'
import { homeOf, placesOf } from './editDocument'

const fields = { id: documentId(), name: name() }

function renameDocument(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const document = findDocument(slice, command.id)
  if (isDecision(document)) return document
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  const home = homeOf(slice, document)
  return decided(
    updated('document', document, { name: checked.name, folded: foldedName(checked.name, document.runningNumber) }),
    message('document.rename', {
      before: document.name,
      name: checked.name,
      place: documentPlaceValue(slice, home, moment.locale),
    }),
    placesOf(slice, document),
  )
}

export const documentRename = command('document.rename', {
  fields,
  needs: ({ id }) => ({ documentIds: [id] }),
  decide: renameDocument,
  doc: '`id`, `name` (without the extension)',
})
