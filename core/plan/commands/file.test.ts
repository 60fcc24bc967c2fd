import { describe, expect, it } from 'vitest'
import { wordMessage } from '../../history/index'
import { documentRow, EMPTY, folderRow, NOW, sliceOf } from '../../../tests/support/rows'
import { invert, tryApply } from '../../change/index'
import type { State } from '../../change/index'
import type { DocumentId, FolderId, OrderId, TagId } from '../../ids'
import type { PlacementRow } from '../../rows/index'
import type { Command } from './index'
import { decide } from './decide'

const id = (text: string) => text as FolderId
const doc = (text: string) => text as DocumentId
const lies = (documentId: string, folderId: string | null, home = true): [string, PlacementRow] => [
  `${documentId}-${folderId}`,
  {
    id: `${documentId}-${folderId}`,
    documentId: doc(documentId),
    folderId: folderId as FolderId | null,
    home,
    first: false,
    orderKey: '',
  },
]
const STATE: State = {
  ...EMPTY,
  folder: new Map(
    [
      folderRow('a', { name: 'Leases' }),
      folderRow('b', { name: 'Dues' }),
      folderRow('c', { name: 'Gone', trashedAt: NOW, trashRoot: 'c' }),
    ].map(row => [row.id, row]),
  ),
  document: new Map(
    [
      documentRow('new', { name: 'scan 1' }),
      documentRow('one', { name: 'Letter' }),
      documentRow('two', { name: 'Both' }),
    ].map(row => [row.id, row]),
  ),
  placement: new Map([lies('new', null), lies('one', 'a'), lies('two', 'a'), lies('two', 'b', false)]),
}

let made = 0
function run(command: Command, state = STATE) {
  const decision = decide(sliceOf(state), command, { now: NOW, newId: () => `n${made++}` as never, locale: 'en' })
  if (!decision.ok) return { said: decision.reason.code, places: {} as Record<string, string>, next: state }
  const next = tryApply(state, decision.rows)
  if (!next) throw new Error('The Change does not fit.')
  expect(tryApply(next, invert(decision.rows))).toEqual(state)
  const places: Record<string, string> = {}
  for (const { documentId, folderId, home } of next.placement.values())
    places[documentId] = [places[documentId], `${folderId ?? 'tray'}${home ? '*' : ''}`]
      .filter(Boolean)
      .sort()
      .join(' ')
  return { said: wordMessage(decision.message), places, next }
}
const file = (ids: string[], folders: string[], name: string | null = null, tags: string[] = []): Command => ({
  kind: 'document.file',
  documents: ids.map(one => ({ id: doc(one), name })),
  folderIds: folders.map(id),
  tags: tags.map(tag => ({ id: `t-${tag}` as TagId, name: tag })),
})

describe('filing', () => {
  it('names, tags and places in one Change, and empties the In-tray', () => {
    const { said, places, next } = run(file(['new'], ['a', 'b'], 'Berth lease', ['signed']))
    expect(said).toBe('Filed “Berth lease” in 1 Leases and 2 Dues, tagged “signed”')
    expect(places.new).toBe('a* b')
    expect(next.document.get('new')).toMatchObject({ name: 'Berth lease', folded: 'berth lease' })
    expect([...next.tagging.values()]).toMatchObject([{ targetId: 'new' }])
  })

  it('adds a folder where the document lies in one already', () => {
    expect(run(file(['one', 'two'], ['b']))).toMatchObject({
      said: 'Filed 2 documents in 2 Dues as well',
      places: { one: 'a* b', two: 'a* b' },
    })
    expect(run(file(['two'], ['b'])).said).toBe('act.nothing')
  })

  it.each([
    [file(['new'], ['c']), 'folder.inTrash'],
    [file(['gone'], ['a']), 'notFound'],
    [file(['new'], ['a'], '  '), 'name.empty'],
    [file(['new'], ['a'], null, ['a,b']), 'tag.name'],
  ])('%j is refused', (command, code) => expect(run(command).said).toBe(code))
})

describe('filing by a standing order', () => {
  const by = { id: 'o1' as OrderId, name: 'Leases', star: false }

  it('deals with what waits, and leaves alone what a person filed meanwhile', () => {
    expect(run({ ...file(['new'], ['a']), by } as Command)).toMatchObject({
      said: 'Standing order “Leases”: filed “scan 1” in 1 Leases',
      places: { new: 'a*' },
    })
    expect(run({ ...file(['one'], ['b']), by } as Command).said).toBe('act.nothing')
  })
})

describe('taking out of a folder', () => {
  const take = (ids: string[], folder: string): Command => ({
    kind: 'place.remove',
    documentIds: ids.map(doc),
    folderId: id(folder),
  })

  it('leaves the other places and says so; the home moves on', () => {
    expect(run(take(['two'], 'a'))).toMatchObject({
      said: 'Took “Both” out of 1 Leases; still in 2 Dues',
      places: { two: 'b*' },
    })
  })

  it('puts into the In-tray what lay nowhere else', () => {
    expect(run(take(['one'], 'a'))).toMatchObject({
      said: 'Took “Letter” out of 1 Leases; it is in the In-tray now',
      places: { one: 'tray*' },
    })
    expect(run(take(['one', 'two'], 'a')).said).toBe(
      'Took 2 documents out of 1 Leases; 1 document of them is in the In-tray now',
    )
  })

  it('is refused where the document does not lie', () => expect(run(take(['one'], 'b')).said).toBe('place.last'))
})

describe('the Trash', () => {
  it('takes a document out of all its places, and names them', () => {
    expect(run({ kind: 'trash', folderIds: [], documentIds: [doc('two')] }).said).toBe(
      'Put “Both” into the Trash, out of 1 Leases and 2 Dues',
    )
  })
})

describe('home', () => {
  it('is one of the places', () => {
    expect(run({ kind: 'place.home', documentId: doc('two'), folderId: id('b') })).toMatchObject({
      said: 'Made 2 Dues the home of “Both”',
      places: { two: 'a b*' },
    })
    expect(run({ kind: 'place.home', documentId: doc('one'), folderId: id('b') }).said).toBe('place.last')
  })
})

describe('copies', () => {
  const copy = (from: string, to: string, folder: string | null): Command => ({
    kind: 'document.copy',
    copies: [{ id: doc(from), newId: doc(to) }],
    folderId: folder as FolderId | null,
  })

  it('are counted once, not “copy of copy”, and know what they were made of', () => {
    const first = run(copy('one', 'x', 'a'))
    const second = run(copy('x', 'y', 'a'), first.next)
    expect([first.next.document.get('x')?.name, second.next.document.get('y')?.name]).toEqual([
      'Letter (2)',
      'Letter (3)',
    ])
    expect(first.next.document.get('x')).toMatchObject({
      copiedFrom: 'one',
      origin: 'copy',
      version: 1,
      blobId: 'blob-one',
    })
    expect(run(copy('one', 'z', 'b')).next.document.get('z')?.name).toBe('Letter')
  })

  it('of folders hold copies of their documents, one of each, where the first lay', () => {
    const { said, places, next } = run({
      kind: 'document.copy',
      copies: [{ id: doc('new'), newId: doc('z') }],
      folders: [
        { id: id('a'), newId: id('aa') },
        { id: id('b'), newId: id('bb') },
      ],
      folderId: null,
    })
    expect(said).toBe('Copied 2 folders and 1 document to the In-tray')
    const copied = [...next.document.values()].filter(document => document.copiedFrom !== null)
    expect(copied.map(({ id: copyId, copiedFrom }) => `${copiedFrom}: ${places[copyId]}`).sort()).toEqual([
      'new: tray*',
      'one: aa*',
      'two: aa*',
      'two: bb*',
    ])
    expect(
      [...next.folder.values()]
        .filter(folder => folder.parentId === null && folder.trashedAt === null)
        .map(folder => folder.name),
    ).toEqual(['Leases', 'Dues', 'Leases (2)', 'Dues (2)'])
  })

  it('are refused into the folder itself', () => {
    expect(
      run({ kind: 'document.copy', copies: [], folders: [{ id: id('a'), newId: id('aa') }], folderId: id('a') }).said,
    ).toBe('folder.intoItself')
  })
})

describe('patterns of names', () => {
  const name = (pattern: string | null): Command => ({ kind: 'folder.names', id: id('a'), pattern })
  it.each([
    ['{date} {title}', 'Set the names in 1 Leases to “{date} {title}”'],
    ['{title} {other}', 'name.pattern'],
    ['always the same', 'name.pattern'],
    ['{title}/{date}', 'name.pattern'],
    ['x'.repeat(130), 'name.pattern'],
    ['', 'act.nothing'],
  ])('%j: %s', (pattern, said) => expect(run(name(pattern)).said).toBe(said))
})
