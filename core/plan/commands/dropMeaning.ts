import type { RowChange } from '../../change/index'
import { deleted, updated } from '../../change/index'
import type { Message } from '../../history/index'
import { countedThings, message } from '../../history/index'
import { meaningId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'

const fields = { id: meaningId(), replaceBy: meaningId().nullable() }

/**
 * Takes a meaning out of the key. What carries it gets `replaceBy` (so two meanings become one), or with
 * null the colour of its parent. Folders in the Trash as well, since they may come back.
 */
function dropMeaning(slice: Slice, command: Given<typeof fields>): Decision {
  const meaning = slice.meanings.get(command.id)
  const other = command.replaceBy === null ? null : slice.meanings.get(command.replaceBy)
  if (!meaning || other === undefined || command.replaceBy === command.id) return refuse('notFound')
  const folders = [...slice.folders.values()].filter(folder => folder.meaningId === command.id)
  const documents = [...slice.documents.values()].filter(document => document.meaningId === command.id)
  const rows: RowChange[] = [
    ...folders.flatMap(folder => updated('folder', folder, { meaningId: command.replaceBy })),
    ...documents.flatMap(document => updated('document', document, { meaningId: command.replaceBy })),
    ...[...slice.tags.values()]
      .filter(tag => tag.meaningId === command.id)
      .flatMap(tag => updated('tag', tag, { meaningId: command.replaceBy })),
    deleted('meaning', meaning),
  ]
  return decided(rows, messageOf(meaning.name, other?.name, countedThings(folders.length, documents.length)), [
    null,
    ...folders.map(folder => folder.id),
  ])
}

function messageOf(name: string, into: string | undefined, carriers: readonly Message[]): Message {
  if (into !== undefined)
    return carriers.length === 0
      ? message('colour.replace', { name, into })
      : message('colour.replaceOn', { name, into, carriers })
  return carriers.length === 0 ? message('colour.drop', { name }) : message('colour.dropFrom', { name, carriers })
}

export const meaningDrop = command('meaning.drop', {
  fields,
  needs: ({ id }) => ({ meaningId: id, tags: true }),
  decide: dropMeaning,
  doc:
    '`id`, `replaceBy` (null: its folders take the colour of their parent): takes it out of the key, or makes ' +
    'two into one',
})
