// Bundles: named, ordered sets of documents from anywhere. The documents stay where they are filed.

import { generateNKeysBetween } from 'fractional-indexing'
import type { RowChange } from '../../change/index'
import { counted, deleted, inserted, nameThings, quoted, updated } from '../../change/index'
import type { BundleItemRow, BundleRow, DocumentRow } from '../../rows/index'
import type { Command, CommandKind } from '../command'
import { checkName } from '../name'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findDocument, isDecision, refuse } from '../slice'
import { REMARK_LIMIT } from './editDocument'

type Of<K extends CommandKind> = Extract<Command, { kind: K }>

/** Makes a bundle with the given documents, or changes name, note and done mark of one. */
export function setBundle(slice: Slice, command: Of<'bundle.set'>, moment: Moment): Decision {
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  const length = [...command.note].length
  if (length > REMARK_LIMIT) return refuse('text.long', { length, limit: REMARK_LIMIT })
  const { id, note, done } = command
  const present = slice.bundles.get(id)
  if (present) return decided(updated('bundle', present, { name: checked.name, note, done }), labelOf(present, checked.name, done), [])
  const bundle: BundleRow = { id, name: checked.name, note, done, createdAt: moment.now }
  const put = itemRows(slice, bundle, command.documentIds ?? [], moment)
  if (isDecision(put)) return put
  return decided([inserted('bundle', bundle), ...put.rows], `New bundle ${quoted(bundle.name)}${put.documents.length > 0 ? ` of ${counted(put.documents.length, 'document')}` : ''}`, [])
}

function labelOf(present: BundleRow, name: string, done: boolean): string {
  if (present.done !== done) return done ? `Marked the bundle ${quoted(name)} as done` : `Took up the bundle ${quoted(name)} again`
  return present.name === name ? `Changed the bundle ${quoted(name)}` : `Renamed the bundle ${quoted(present.name)} to ${quoted(name)}`
}

/** Adds documents at the end; those that are in it already stay where they are. */
export function putIntoBundle(slice: Slice, command: Of<'bundle.put'>, moment: Moment): Decision {
  const bundle = slice.bundles.get(command.id)
  if (!bundle) return refuse('notFound')
  const put = itemRows(slice, bundle, command.documentIds, moment)
  if (isDecision(put)) return put
  return decided(put.rows, `Put ${nameThings([], put.documents)} into the bundle ${quoted(bundle.name)}`, [])
}

function itemRows(slice: Slice, bundle: BundleRow, ids: Of<'bundle.put'>['documentIds'], moment: Moment): Decision | { rows: RowChange[]; documents: DocumentRow[] } {
  const items = itemsOf(slice, bundle)
  const there = new Set<string>(items.map(item => item.documentId))
  const documents: DocumentRow[] = []
  for (const id of new Set(ids)) {
    if (there.has(id)) continue
    const document = findDocument(slice, id)
    if (isDecision(document)) return document
    documents.push(document)
  }
  const keys = generateNKeysBetween(items.at(-1)?.orderKey ?? null, null, documents.length)
  return { documents, rows: documents.map((document, index) => inserted('bundle_item', { id: moment.newId(), bundleId: bundle.id, documentId: document.id, orderKey: keys[index] ?? '' })) }
}

export function takeFromBundle(slice: Slice, command: Of<'bundle.take'>): Decision {
  const bundle = slice.bundles.get(command.id)
  if (!bundle) return refuse('notFound')
  const taken = itemsOf(slice, bundle).filter(item => command.documentIds.includes(item.documentId))
  return decided(taken.map(item => deleted('bundle_item', item)), `Took ${counted(taken.length, 'document')} out of the bundle ${quoted(bundle.name)}`, [])
}

/** The documents in this order; those that are not named come after them. */
export function orderBundle(slice: Slice, command: Of<'bundle.order'>): Decision {
  const bundle = slice.bundles.get(command.id)
  if (!bundle) return refuse('notFound')
  const items = itemsOf(slice, bundle)
  const wanted = [...command.documentIds.flatMap(id => items.find(item => item.documentId === id) ?? []), ...items.filter(item => !command.documentIds.includes(item.documentId))]
  const keys = generateNKeysBetween(null, null, wanted.length)
  if (wanted.every((item, index) => item === items[index])) return refuse('act.nothing')
  return decided(wanted.flatMap((item, index) => updated('bundle_item', item, { orderKey: keys[index] ?? '' })), `Put the bundle ${quoted(bundle.name)} into another order`, [])
}

export function dropBundle(slice: Slice, command: Of<'bundle.drop'>): Decision {
  const bundle = slice.bundles.get(command.id)
  if (!bundle) return refuse('notFound')
  return decided([...itemsOf(slice, bundle).map(item => deleted('bundle_item', item)), deleted('bundle', bundle)], `Dissolved the bundle ${quoted(bundle.name)}; its documents stay where they are`, [])
}

function itemsOf(slice: Slice, bundle: BundleRow): BundleItemRow[] {
  return slice.bundleItems.filter(item => item.bundleId === bundle.id).sort((a, b) => (a.orderKey < b.orderKey ? -1 : a.orderKey > b.orderKey ? 1 : 0))
}
