import { describe, expect, it } from 'vitest'
import { wordMessage } from '../../history/index'
import type { DocumentId, FolderId, MeaningId } from '../../ids'
import { PLAIN_NUMBERING } from '../../numbering/index'
import { documentRow, EMPTY, folderRow, NOW, sliceOf } from '../../../tests/support/rows'
import type { DocumentRow, FolderRow, PlacementRow } from '../../rows/index'
import type { Command } from './index'
import { decide } from './decide'
import type { Slice } from '../slice'

const folder = (id: string, more: Partial<FolderRow> = {}) => folderRow(id, { name: id.toUpperCase(), ...more })
const document = documentRow
const placed = (documentId: string, folderId: string | null, home = true): PlacementRow => ({
  id: `${documentId}-${folderId}`,
  documentId: documentId as DocumentId,
  folderId: folderId as FolderId | null,
  home,
  first: false,
  orderKey: '',
})

function slice(folders: FolderRow[], documents: DocumentRow[] = [], placements: PlacementRow[] = []): Slice {
  const byId = <Row extends { id: string }>(rows: Row[]) => new Map(rows.map(row => [row.id as string, row]))
  return sliceOf({
    ...EMPTY,
    folder: byId(folders),
    document: byId(documents),
    placement: byId(placements),
    meaning: byId([
      { id: 'm' as MeaningId, name: 'Urgent', ink: '#CC6677', orderKey: 'a0', closed: false, pattern: 'full' },
    ]),
  })
}

function decideOn(given: Slice, command: Command) {
  return decide(given, command, { now: NOW, newId: () => 'new' as never, locale: 'en' })
}
const refusalOf = (given: Slice, command: Command) => {
  const decision = decideOn(given, command)
  return decision.ok ? 'ok' : decision.reason.code
}
const labelOf = (given: Slice, command: Command) => {
  const decision = decideOn(given, command)
  return decision.ok ? wordMessage(decision.message) : decision.reason.message
}
const id = (text: string) => text as FolderId

describe('acts on one folder', () => {
  const given = slice([folder('a'), folder('b', { parentId: id('a'), number: 4 })])

  it.each<[Command, string]>([
    [
      { kind: 'folder.create', id: id('c'), parentId: id('a'), name: ' New  one ', allowTwin: false },
      'New folder “New one” in 1 A',
    ],
    [{ kind: 'folder.rename', id: id('b'), name: 'Leases', allowTwin: false }, 'Renamed “B” to “Leases” in 1 A'],
    [{ kind: 'folder.describe', id: id('b'), purpose: 'What belongs here' }, 'Wrote the purpose of 1.4 B'],
    [{ kind: 'folder.colour', id: id('b'), meaningId: 'm' as MeaningId }, 'Gave 1.4 B the colour “Urgent”'],
    [{ kind: 'folder.number', id: id('b'), number: null }, 'Let 1.4 B take the next number in order'],
    [{ kind: 'folder.number', id: id('b'), number: 7 }, 'Gave 1.4 B the number 7'],
    [
      { kind: 'folder.numbering', id: id('a'), numbering: { style: 'A', joined: false, start: 1, step: 1 } },
      'Numbered the folders in 1 A A, B, C without the code above',
    ],
    [
      { kind: 'folder.numbering', id: null, numbering: { style: '01', joined: true, start: 1, step: 1 } },
      'Numbered the top folders 01, 02, 03',
    ],
    [{ kind: 'folder.order', id: id('a'), order: 'name' }, 'Ordered the folders in 1 A by name'],
    [{ kind: 'folder.order', id: null, order: 'name' }, 'Ordered the top folders by name'],
    [
      { kind: 'meaning.set', id: 'n' as MeaningId, name: 'Closed', ink: '#b7b2a6', closed: true },
      'Added “Closed” to the colour key',
    ],
    [
      { kind: 'meaning.set', id: 'm' as MeaningId, name: 'Soon', ink: '#CC6677', closed: false },
      'Changed “Urgent” in the colour key',
    ],
  ])('%j', (command, label) => {
    expect(labelOf(given, command)).toBe(label)
  })

  it.each<[Command, string]>([
    [{ kind: 'folder.rename', id: id('zz'), name: 'X', allowTwin: false }, 'notFound'],
    [{ kind: 'folder.rename', id: id('b'), name: 'B', allowTwin: false }, 'act.nothing'],
    [{ kind: 'folder.describe', id: id('b'), purpose: 'x'.repeat(2001) }, 'text.long'],
    [{ kind: 'folder.number', id: id('b'), number: 1.5 }, 'number.wrong'],
    [{ kind: 'folder.number', id: id('b'), number: 10_000 }, 'number.wrong'],
    [{ kind: 'folder.numbering', id: id('a'), numbering: { ...PLAIN_NUMBERING, step: 0 } }, 'numbering.wrong'],
    [{ kind: 'folder.numbering', id: null, numbering: null }, 'request.invalid'],
    [{ kind: 'folder.colour', id: id('b'), meaningId: 'nobody' as MeaningId }, 'notFound'],
    [{ kind: 'meaning.set', id: 'n' as MeaningId, name: 'X', ink: 'red', closed: false }, 'request.invalid'],
    [{ kind: 'folder.create', id: id('c'), parentId: id('gone'), name: 'X', allowTwin: false }, 'notFound'],
  ])('%j is refused: %s', (command, code) => {
    expect(refusalOf(given, command)).toBe(code)
  })

  it('do not touch what lies in the Trash', () => {
    const trashed = slice([folder('a', { trashedAt: NOW, trashRoot: 'a' })])
    expect(refusalOf(trashed, { kind: 'folder.rename', id: id('a'), name: 'X', allowTwin: false })).toBe(
      'folder.inTrash',
    )
  })
})

describe('moving', () => {
  const folders = [folder('a'), folder('b', { parentId: id('a') }), folder('c')]
  const move = (more: Partial<Extract<Command, { kind: 'move' }>>): Command => ({
    kind: 'move',
    folderIds: [],
    documentIds: [],
    toFolderId: id('c'),
    fromFolderId: null,
    allowTwin: false,
    ...more,
  })

  it('leaves the place it is looked at in, and keeps the others', () => {
    const given = slice(folders, [document('d')], [placed('d', 'a'), placed('d', 'b', false)])
    const decision = decideOn(given, move({ documentIds: ['d' as DocumentId], fromFolderId: id('b') }))
    expect(decision.ok && decision.rows).toEqual([
      { table: 'placement', op: 'update', id: 'd-b', before: { folderId: 'b' }, after: { folderId: 'c' } },
    ])
  })

  it('to where it is filed already only takes the other place away, and keeps a home', () => {
    const given = slice(folders, [document('d')], [placed('d', 'a'), placed('d', 'c', false)])
    const decision = decideOn(given, move({ documentIds: ['d' as DocumentId], fromFolderId: id('a') }))
    expect(decision.ok && decision.rows.map(row => [row.op, row.id])).toEqual([
      ['delete', 'd-a'],
      ['update', 'd-c'],
    ])
  })

  it('into the In-tray leaves every folder', () => {
    const given = slice(folders, [document('d')], [placed('d', 'a'), placed('d', 'c', false)])
    const decision = decideOn(given, move({ documentIds: ['d' as DocumentId], toFolderId: null }))
    expect(decision.ok && decision.rows.map(row => [row.op, row.id])).toEqual([
      ['delete', 'd-c'],
      ['update', 'd-a'],
    ])
    expect(decision.ok && wordMessage(decision.message)).toBe('Moved “d” to the In-tray')
  })

  it('says how many, and of what', () => {
    const given = slice(folders, [document('d'), document('e')], [placed('d', 'a'), placed('e', 'a')])
    expect(labelOf(given, move({ folderIds: [id('b')], documentIds: ['d', 'e'] as DocumentId[] }))).toBe(
      'Moved 1 folder and 2 documents to 2 C',
    )
  })

  it('does not put a folder into itself or below', () => {
    expect([
      refusalOf(slice(folders), move({ folderIds: [id('a')], toFolderId: id('b') })),
      refusalOf(slice(folders), move({ folderIds: [id('a')], toFolderId: id('a') })),
    ]).toEqual(['folder.intoItself', 'folder.intoItself'])
  })

  it('hints at a sibling of the same name', () => {
    const given = slice([...folders, folder('b2', { parentId: id('c'), name: 'B', folded: 'b' })])
    expect([
      refusalOf(given, move({ folderIds: [id('b')] })),
      refusalOf(given, move({ folderIds: [id('b')], allowTwin: true })),
    ]).toEqual(['name.twin', 'ok'])
  })

  it('that changes nothing is no change', () => {
    expect(refusalOf(slice(folders), move({ folderIds: [id('b')], toFolderId: id('a') }))).toBe('act.nothing')
  })
})

describe('the Trash', () => {
  const folders = [folder('a'), folder('b', { parentId: id('a') }), folder('c')]

  it('takes a branch, but not a document that is filed elsewhere as well', () => {
    const given = slice(
      folders,
      [document('d'), document('e')],
      [placed('d', 'b'), placed('e', 'b'), placed('e', 'c', false)],
    )
    const decision = decideOn(given, { kind: 'trash', folderIds: [id('a')], documentIds: [] })
    expect(decision.ok && decision.rows.map(row => row.id)).toEqual(['a', 'b', 'd'])
    expect(decision.ok && wordMessage(decision.message)).toBe('Put “A” with 1 document into the Trash')
  })

  it('counts a folder inside a chosen one with it', () => {
    const decision = decideOn(slice(folders), { kind: 'trash', folderIds: [id('a'), id('b')], documentIds: [] })
    expect(
      decision.ok &&
        decision.rows.map(row => (row.op === 'update' ? [row.id, (row.after as FolderRow).trashRoot] : [])),
    ).toEqual([
      ['a', 'a'],
      ['b', 'a'],
    ])
  })

  it('gives a folder back at the top when its parent is gone', () => {
    const given = slice([
      folder('a', { trashedAt: NOW, trashRoot: 'a' }),
      folder('b', { parentId: id('a'), trashedAt: NOW, trashRoot: 'b' }),
    ])
    const decision = decideOn(given, { kind: 'restore', folderIds: [id('b')], documentIds: [] })
    expect(
      decision.ok && [
        wordMessage(decision.message),
        (decision.rows[0] as { after: Partial<FolderRow> }).after.parentId,
      ],
    ).toEqual(['Restored “B” to the top of the plan', null])
  })

  it('does not restore what is not in it', () => {
    expect(refusalOf(slice(folders), { kind: 'restore', folderIds: [id('a')], documentIds: [] })).toBe('notFound')
  })
})

describe('adding documents', () => {
  const file = (fileName: string, key: string) => ({
    id: key as DocumentId,
    versionId: `v${key}`,
    placementId: `p${key}`,
    fileName,
    mediaType: 'text/plain',
    size: 5,
    blobId: `b${key}`,
    changedAt: NOW,
  })

  it('counts names up that are taken, also within one lot', () => {
    const given = slice([folder('a')], [document('notes')], [placed('notes', 'a')])
    const decision = decideOn(given, {
      kind: 'document.add',
      folderId: id('a'),
      clash: 'both',
      files: [file('Notes.txt', 'x'), file('notes.txt', 'y'), file('notes.pdf', 'z')],
    })
    const names = decision.ok
      ? decision.rows.flatMap(row => (row.table === 'document' && row.op === 'insert' ? [row.after.name] : []))
      : []
    expect(names).toEqual(['Notes (2)', 'notes (3)', 'notes'])
    expect(decision.ok && wordMessage(decision.message)).toBe('Added 3 documents to 1 A')
  })

  it('come with new folders, each file in its own, parents first', () => {
    const given = slice([folder('a')], [document('notes')], [placed('notes', 'a')])
    const files = [file('Notes.txt', 'x'), { ...file('notes.txt', 'y'), folderId: id('n2') }]
    const decision = decideOn(given, {
      kind: 'document.add',
      folderId: id('a'),
      clash: 'both',
      files,
      folders: [
        { id: id('n1'), parentId: null, name: 'Photos' },
        { id: id('n2'), parentId: id('n1'), name: 'May' },
      ],
    })
    const made = decision.ok
      ? decision.rows.flatMap(row =>
          row.op !== 'insert'
            ? []
            : row.table === 'folder'
              ? [[row.after.name, row.after.parentId]]
              : row.table === 'placement'
                ? [[row.after.documentId, row.after.folderId]]
                : [],
        )
      : []
    expect(made).toEqual([
      ['Photos', 'a'],
      ['May', 'n1'],
      ['x', 'a'],
      ['y', 'n2'],
    ])
    expect(decision.ok && wordMessage(decision.message)).toBe('Added 2 folders with 2 documents to 1 A')
    expect(
      refusalOf(given, {
        kind: 'document.add',
        folderId: id('a'),
        clash: 'both',
        files: [{ ...file('z.txt', 'z'), folderId: id('elsewhere') }],
      }),
    ).toBe('notFound')
  })

  it('makes a version of its namesake when asked', () => {
    const given = slice([folder('a')], [document('notes')], [placed('notes', 'a')])
    const decision = decideOn(given, {
      kind: 'document.add',
      folderId: id('a'),
      clash: 'version',
      files: [file('notes.txt', 'x')],
    })
    expect(decision.ok && decision.rows.map(row => [row.table, row.op])).toEqual([
      ['version', 'insert'],
      ['document', 'update'],
    ])
    expect(decision.ok && wordMessage(decision.message)).toBe('New version of “notes” in 1 A')
  })
})

describe('documents', () => {
  const given = slice([folder('a')], [document('d')], [placed('d', 'a')])

  it('are renamed, remarked and starred with their place in the words', () => {
    expect(labelOf(given, { kind: 'document.rename', id: 'd' as DocumentId, name: 'Minutes' })).toBe(
      'Renamed “d” to “Minutes” in 1 A',
    )
    expect(labelOf(given, { kind: 'document.remark', id: 'd' as DocumentId, remark: 'paid' })).toBe(
      'Wrote a remark on “d” in 1 A',
    )
    expect(labelOf(given, { kind: 'star', folderIds: [], documentIds: ['d' as DocumentId], on: true })).toBe(
      'Starred “d”',
    )
    expect(refusalOf(given, { kind: 'star', folderIds: [], documentIds: ['d' as DocumentId], on: false })).toBe(
      'act.nothing',
    )
    expect(refusalOf(given, { kind: 'document.remark', id: 'd' as DocumentId, remark: 'x'.repeat(5001) })).toBe(
      'text.long',
    )
  })
})
