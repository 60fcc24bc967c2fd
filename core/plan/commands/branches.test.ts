import { describe, expect, it } from 'vitest'
import { wordMessage } from '../../history/index'
import { documentRow, EMPTY, folderRow, NOW, PLAN, sliceOf } from '../../../tests/support/rows'
import { invert, tryApply } from '../../change/index'
import type { State } from '../../change/index'
import type { DocumentId, FolderId, MeaningId } from '../../ids'
import { numberTree } from '../../numbering/index'
import type { DocumentRow, FolderRow, MeaningRow, PlacementRow } from '../../rows/index'
import { outlineOf } from '../../tree/index'
import type { Command } from './index'
import { decide } from './decide'

const id = (text: string) => text as FolderId
const folder = (key: string, name: string, parentId: string | null, orderKey: string, more: Partial<FolderRow> = {}) =>
  folderRow(key, { parentId: parentId === null ? null : id(parentId), name, orderKey, ...more })
const document = (key: string, name: string, blobId: string, more: Partial<DocumentRow> = {}) =>
  documentRow(key, { name, blobId, ...more })
const MEANINGS: MeaningRow[] = ['Urgent', 'Office', 'Old'].map((name, index) => ({
  id: `m${index}` as MeaningId,
  name,
  ink: '#CC6677',
  orderKey: `a${index}`,
  closed: false,
  pattern: 'full',
}))

/** Two yearly folders that hold much of the same. */
const STATE: State = {
  ...EMPTY,
  meaning: new Map(MEANINGS.map(row => [row.id, row])),
  folder: new Map(
    [
      folder('a', 'Letters', null, 'a0', { meaningId: 'm2' as MeaningId }),
      folder('a1', 'March', 'a', 'a0'),
      folder('a2', 'Old', 'a', 'a1', { meaningId: 'm2' as MeaningId }),
      folder('b', 'Post', null, 'a1'),
      folder('b1', 'march', 'b', 'a0'),
      folder('c', 'Other', null, 'a2'),
    ].map(row => [row.id, row]),
  ),
  document: new Map(
    [
      document('d1', 'Invoice', 'x'),
      document('d2', 'Invoice', 'y'),
      document('d3', 'Same', 'z'),
      document('d4', 'Same', 'z'),
      document('d5', 'Alone', 'q', { meaningId: 'm2' as MeaningId }),
    ].map(row => [row.id, row]),
  ),
  placement: new Map(
    (
      [
        ['p1', 'd1', 'a1'],
        ['p2', 'd2', 'b1'],
        ['p3', 'd3', 'a'],
        ['p4', 'd4', 'b'],
        ['p5', 'd5', 'a2'],
      ] as const
    ).map(([key, documentId, folderId]): [string, PlacementRow] => [
      key,
      { id: key, documentId: documentId as DocumentId, folderId: id(folderId), home: true, first: false, orderKey: '' },
    ]),
  ),
}

let made = 0
function run(command: Command) {
  const decision = decide(sliceOf(STATE), command, { now: NOW, newId: () => `new${made++}` as never, locale: 'en' })
  if (!decision.ok) return { code: decision.reason.code, label: '', next: STATE }
  const next = tryApply(STATE, decision.rows)
  if (!next) throw new Error('The Change does not fit.')
  expect(tryApply(next, invert(decision.rows))).toEqual(STATE)
  return { code: 'ok', label: wordMessage(decision.message), next }
}
const outline = (state: State) =>
  outlineOf(
    numberTree(
      PLAN,
      [...state.folder.values()].filter(row => row.trashedAt === null),
      'en',
    ).tree,
  ).map(({ folder: row, depth }) => `${'>'.repeat(depth)}${row.name}`)
const placeOf = (state: State, key: string) =>
  [...state.placement.values()].filter(row => row.documentId === key).map(row => row.folderId)

describe('merging', () => {
  const merged = (choices: { documentId: DocumentId; choice: 'both' | 'one' }[] = []) =>
    run({ kind: 'folder.merge', fromId: id('a'), intoId: id('b'), choices })

  it('makes namesakes one, moves the rest over, and puts what is empty into the Trash', () => {
    const { label, next } = merged()
    expect(outline(next)).toEqual(['Post', '>march', '>Old', 'Other'])
    expect(label).toBe('Merged “Letters” into 1 Post: 2 documents and 2 folders')
    expect([
      next.folder.get('a')?.trashRoot,
      next.folder.get('a1')?.trashRoot,
      next.folder.get('a2')?.parentId,
    ]).toEqual(['a', 'a', 'b'])
  })

  it('keeps both of one name under a counted name, and one of the very same bytes', () => {
    const { next } = merged()
    expect([next.document.get('d1')?.name, placeOf(next, 'd1')]).toEqual(['Invoice (2)', ['b1']])
    expect(next.document.get('d3')?.trashRoot).toBe('d3')
    expect(next.document.get('d4')?.trashedAt).toBeNull()
  })

  it('does as it is told for each', () => {
    const { next } = merged([
      { documentId: 'd1' as DocumentId, choice: 'one' },
      { documentId: 'd3' as DocumentId, choice: 'both' },
    ])
    expect(next.document.get('d1')?.trashRoot).toBe('d1')
    expect(next.document.get('d3')).toMatchObject({ name: 'Same (2)', trashedAt: null })
  })

  it('does not go into itself or what lies in it', () => {
    expect(run({ kind: 'folder.merge', fromId: id('a'), intoId: id('a1'), choices: [] }).code).toBe('folder.intoItself')
    expect(run({ kind: 'folder.merge', fromId: id('a'), intoId: id('a'), choices: [] }).code).toBe('folder.intoItself')
  })
})

describe('duplicating', () => {
  const duplicated = (withDocuments: boolean, parentId: string | null = null) =>
    run({
      kind: 'folder.duplicate',
      id: id('a'),
      newId: id('n'),
      parentId: parentId === null ? null : id(parentId),
      withDocuments,
    })

  it('makes the branch once more, under a name that is free', () => {
    const { next, label } = duplicated(false)
    expect(outline(next).slice(-3)).toEqual(['Letters (2)', '>March', '>Old'])
    expect(next.placement.size).toBe(STATE.placement.size)
    expect(label).toBe('Made 4 Letters (2) from “Letters”')
  })

  it('files the documents there as well, without copying them', () => {
    const { next } = duplicated(true)
    expect(next.document.size).toBe(STATE.document.size)
    expect(placeOf(next, 'd3')).toEqual(['a', 'n'])
    expect([...next.placement.values()].filter(row => row.documentId === 'd3').map(row => row.home)).toEqual([
      true,
      false,
    ])
  })

  it('does not go into itself', () => expect(duplicated(false, 'a1').code).toBe('folder.intoItself'))
})

describe('the colour key', () => {
  it('makes two meanings one', () => {
    const { next, label } = run({ kind: 'meaning.drop', id: 'm2' as MeaningId, replaceBy: 'm0' as MeaningId })
    expect([
      next.folder.get('a')?.meaningId,
      next.folder.get('a2')?.meaningId,
      next.document.get('d5')?.meaningId,
      next.meaning.has('m2'),
    ]).toEqual(['m0', 'm0', 'm0', false])
    expect(label).toBe('Made “Old” into “Urgent” (2 folders and 1 document)')
  })

  it('lets folders take the colour of their parent when one goes', () => {
    const { next } = run({ kind: 'meaning.drop', id: 'm2' as MeaningId, replaceBy: null })
    expect(next.folder.get('a')?.meaningId).toBeNull()
  })

  it('lays a meaning elsewhere', () => {
    const order = (state: State) =>
      [...state.meaning.values()].sort((a, b) => (a.orderKey < b.orderKey ? -1 : 1)).map(row => row.name)
    expect(order(run({ kind: 'meaning.place', id: 'm2' as MeaningId, before: 'm0' as MeaningId }).next)).toEqual([
      'Old',
      'Urgent',
      'Office',
    ])
    expect(order(run({ kind: 'meaning.place', id: 'm0' as MeaningId, before: null }).next)).toEqual([
      'Office',
      'Old',
      'Urgent',
    ])
    expect(run({ kind: 'meaning.place', id: 'm0' as MeaningId, before: 'm1' as MeaningId }).code).toBe('act.nothing')
  })

  it('gives documents a colour of their own, and a branch one colour below', () => {
    expect(
      run({ kind: 'document.colour', documentIds: ['d1' as DocumentId], meaningId: 'm0' as MeaningId }).label,
    ).toBe('Gave “Invoice” in 1.1 March the colour “Urgent”')
    const { next, label } = run({ kind: 'folder.colour', id: id('a'), meaningId: 'm0' as MeaningId, below: true })
    expect([next.folder.get('a')?.meaningId, next.folder.get('a2')?.meaningId]).toEqual(['m0', null])
    expect(label).toBe('Gave 1 Letters the colour “Urgent” and to 1 folder below it')
  })
})
