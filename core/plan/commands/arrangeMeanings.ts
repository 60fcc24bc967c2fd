// The colour key: the order of its meanings, and what becomes of folders when one goes.

import { generateKeyBetween } from 'fractional-indexing'
import type { RowChange } from '../../change/index'
import { counted, deleted, quoted, updated } from '../../change/index'
import type { Command } from '../command'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'

/** Lays a meaning before another one of the key; null: at its end. */
export function placeMeaning(slice: Slice, command: Extract<Command, { kind: 'meaning.place' }>): Decision {
  const meaning = slice.meanings.get(command.id)
  if (!meaning || (command.before !== null && !slice.meanings.has(command.before))) return refuse('notFound')
  const others = [...slice.meanings.values()].filter(one => one.id !== command.id).sort((a, b) => (a.orderKey < b.orderKey ? -1 : 1))
  const at = command.before === null ? others.length : others.findIndex(one => one.id === command.before)
  const orderKey = generateKeyBetween(others[at - 1]?.orderKey ?? null, others[at]?.orderKey ?? null)
  const [before, after] = [[...slice.meanings.values()].sort((a, b) => (a.orderKey < b.orderKey ? -1 : 1))[at]?.id, meaning.id]
  if (before === after) return refuse('act.nothing')
  return decided(updated('meaning', meaning, { orderKey }), `Moved ${quoted(meaning.name)} in the colour key`, [])
}

/**
 * Takes a meaning out of the key. What carries it gets `replaceBy` (so two meanings become one), or with
 * null the colour of its parent. Folders in the Trash as well, since they may come back.
 */
export function dropMeaning(slice: Slice, command: Extract<Command, { kind: 'meaning.drop' }>): Decision {
  const meaning = slice.meanings.get(command.id)
  const other = command.replaceBy === null ? null : slice.meanings.get(command.replaceBy)
  if (!meaning || other === undefined || command.replaceBy === command.id) return refuse('notFound')
  const folders = [...slice.folders.values()].filter(folder => folder.meaningId === command.id)
  const documents = [...slice.documents.values()].filter(document => document.meaningId === command.id)
  const rows: RowChange[] = [
    ...folders.flatMap(folder => updated('folder', folder, { meaningId: command.replaceBy })),
    ...documents.flatMap(document => updated('document', document, { meaningId: command.replaceBy })),
    ...[...slice.tags.values()].filter(tag => tag.meaningId === command.id).flatMap(tag => updated('tag', tag, { meaningId: command.replaceBy })),
    deleted('meaning', meaning),
  ]
  const carried = [folders.length > 0 ? counted(folders.length, 'folder') : '', documents.length > 0 ? counted(documents.length, 'document') : ''].filter(part => part !== '').join(' and ')
  const became = other ? `made ${quoted(meaning.name)} into ${quoted(other.name)}` : `took ${quoted(meaning.name)} out of the colour key`
  return decided(rows, `${became[0]?.toUpperCase() ?? ''}${became.slice(1)}${carried === '' ? '' : ` (${carried})`}`, [null, ...folders.map(folder => folder.id)])
}
