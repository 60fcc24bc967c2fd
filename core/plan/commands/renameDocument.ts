import { updated } from '../../change/index'
import { fileNameOf } from '../../formats/index'
import { message } from '../../history/index'
import type { DocumentRow } from '../../rows/index'
import { documentId } from '../../shapes/index'
import { foldedText } from '../../text/index'
import type { Given } from '../command'
import { command } from '../command'
import { checkName } from '../name'
import { foldedName } from '../runningNumbers'
import { allowTwin, name } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, documentPlaceValue, findDocument, isDecision, refuse } from '../slice'
import { homeOf, placesOf } from './editDocument'

const fields = { id: documentId(), name: name(), allowTwin: allowTwin() }

function renameDocument(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const document = findDocument(slice, command.id)
  if (isDecision(document)) return document
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  const folded = foldedName(checked.name, document.runningNumber)
  const twin = command.allowTwin ? undefined : twinBeside(slice, document, folded)
  if (twin) return refuse('name.twin', { twin: fileNameOf(twin.name, twin.extension), twinId: twin.id })
  const home = homeOf(slice, document)
  return decided(
    updated('document', document, { name: checked.name, folded }),
    message('document.rename', {
      before: document.name,
      name: checked.name,
      place: documentPlaceValue(slice, home, moment.locale),
    }),
    placesOf(slice, document),
  )
}

/** Another document of this name and extension in a folder in which this one lies. */
function twinBeside(slice: Slice, document: DocumentRow, folded: string): DocumentRow | undefined {
  const places = new Set(placesOf(slice, document))
  return [...slice.documents.values()].find(
    other =>
      other.id !== document.id &&
      other.trashedAt === null &&
      other.folded === folded &&
      other.extension === document.extension &&
      placesOf(slice, other).some(place => place !== null && places.has(place)),
  )
}

export const documentRename = command('document.rename', {
  fields,
  needs: ({ id, name: typed }) => ({ documentIds: [id], besides: [{ id, name: foldedText(typed.trim()) }] }),
  decide: renameDocument,
  shared: { role: 'edit', own: 'add', touches: ({ id }) => ({ documentIds: [id] }) },
  doc: '`id`, `name` (without the extension), `allowTwin`: another of this name may lie beside it',
})
