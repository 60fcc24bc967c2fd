import { describe, expect, it } from 'vitest'
import { wordMessage } from '../../history/index'
import { documentRow, EMPTY, folderRow, NOW, sliceOf } from '../../../tests/support/rows'
import type { State } from '../../change/index'
import { invert, tryApply } from '../../change/index'
import type { BundleId, DocumentId, FolderId, SearchId, TagId } from '../../ids'
import type { PlacementRow } from '../../rows/index'
import type { Command } from './index'
import { decide } from './decide'

const doc = (text: string) => text as DocumentId
const folder = (text: string) => text as FolderId
const lies = (documentId: string, folderId: string | null): [string, PlacementRow] => [
  `${documentId}-${folderId}`,
  {
    id: `${documentId}-${folderId}`,
    documentId: doc(documentId),
    folderId: folderId as FolderId | null,
    home: true,
    first: false,
    orderKey: '',
  },
]
const STATE: State = {
  ...EMPTY,
  folder: new Map(
    [
      folderRow('a', { name: 'Office' }),
      folderRow('b', { name: 'Urgent', parentId: folder('a') }),
      folderRow('c', { name: 'Below', parentId: folder('b') }),
    ].map(row => [row.id, row]),
  ),
  document: new Map(
    [
      documentRow('one', { name: 'Letter' }),
      documentRow('two', { name: 'Bill' }),
      documentRow('gone', { trashedAt: NOW, trashRoot: 'gone' }),
    ].map(row => [row.id, row]),
  ),
  placement: new Map([lies('one', 'b'), lies('two', 'c'), lies('gone', 'b')]),
}

let made = 0
function run(command: Command, state = STATE): { said: string; next: State } {
  const decision = decide(sliceOf(state), command, { now: NOW, newId: () => `n${made++}` as never, locale: 'en' })
  if (!decision.ok) return { said: decision.reason.code, next: state }
  const next = tryApply(state, decision.rows)
  if (!next) throw new Error('The Change does not fit.')
  expect(tryApply(next, invert(decision.rows))).toEqual(state)
  return { said: wordMessage(decision.message), next }
}

describe('a kept search', () => {
  const id = 's' as SearchId
  const keep = (more: Partial<Extract<Command, { kind: 'search.keep' }>> = {}): Command => ({
    kind: 'search.keep',
    id,
    name: 'Leases',
    query: { q: 'lease' },
    folderId: folder('a'),
    pinned: true,
    desk: false,
    ...more,
  })

  it('is kept, renamed, changed and dropped, and says so', () => {
    const first = run(keep())
    expect([
      first.said,
      run(keep({ name: 'Old leases' }), first.next).said,
      run(keep({ query: { q: 'old' } }), first.next).said,
      run(keep(), first.next).said,
      run({ kind: 'search.drop', id }, first.next).said,
    ]).toEqual([
      'Kept the search “Leases” in 1 Office',
      'Renamed the kept search “Leases” to “Old leases”',
      'Changed the kept search “Leases”',
      'act.nothing',
      'Dropped the kept search “Leases”; its documents stay where they are',
    ])
  })

  it.each<[Command, string]>([
    [keep({ name: ' ' }), 'name.empty'],
    [keep({ query: { rule: '{"kind":"?"}' } }), 'rule.wrong'],
    [keep({ folderId: folder('nowhere') }), 'notFound'],
    [{ kind: 'search.drop', id }, 'notFound'],
    [
      {
        kind: 'search.folder',
        id,
        folderId: folder('x'),
        parentId: null,
        name: 'X',
        documentIds: [doc('one')],
        way: 'file',
        drop: false,
      },
      'notFound',
    ],
  ])('%j is refused', (command, code) => expect(run(command).said).toBe(code))

  it('becomes a folder that its documents move into', () => {
    const { said, next } = run({
      kind: 'search.folder',
      id: null,
      folderId: folder('x'),
      parentId: folder('a'),
      name: 'Found',
      documentIds: [doc('one'), doc('two')],
      way: 'move',
      drop: false,
    })
    expect([
      said,
      [...next.placement.values()]
        .filter(({ folderId }) => folderId === 'x')
        .map(({ documentId }) => documentId)
        .sort(),
    ]).toEqual(['Made 1.2 Found of a search, 2 documents moved into it', ['one', 'two']])
  })
})

describe('a folder that becomes a tag', () => {
  const tag = (dissolve: boolean): Command => ({
    kind: 'folder.tag',
    id: folder('b'),
    tag: { id: 't' as TagId, name: 'urgent' },
    searchId: 's' as SearchId,
    dissolve,
  })

  it('puts the tag on what is in it and below, not on what is in the Trash, and keeps a search in its place', () => {
    const { said, next } = run(tag(false))
    expect([
      said,
      [...next.tagging.values()].map(({ targetId }) => targetId).sort(),
      [...next.kept_search.values()].map(({ folderId, query }) => [folderId, query]),
    ]).toEqual(['Made the tag “urgent” of 1.1 Urgent, on 2 documents', ['one', 'two'], [['a', { tags: 't' }]]])
  })

  it('goes when it is to, and its documents lie one level up', () => {
    const { said, next } = run(tag(true))
    expect([said, next.folder.get('b')?.trashRoot, next.folder.get('c')?.trashRoot]).toEqual([
      'Made the tag “urgent” of 1.1 Urgent, on 2 documents; the folder is in the Trash',
      'b',
      'b',
    ])
    expect(
      [...next.placement.values()]
        .filter(({ documentId }) => documentId !== 'gone')
        .map(({ documentId, folderId }) => `${documentId} ${folderId}`)
        .sort(),
    ).toEqual(['one a', 'two a'])
  })
})

describe('a bundle', () => {
  const id = 'u' as BundleId
  const set = (more: object = {}): Command => ({
    kind: 'bundle.set',
    id,
    name: 'Monday',
    note: '',
    done: false,
    ...more,
  })
  const order = (state: State) =>
    [...state.bundle_item.values()]
      .sort((a, b) => (a.orderKey < b.orderKey ? -1 : 1))
      .map(({ documentId }) => documentId)

  it('is made of documents, takes more at its end, and none twice', () => {
    const first = run(set({ documentIds: [doc('two')] }))
    const second = run({ kind: 'bundle.put', id, documentIds: [doc('two'), doc('one')] }, first.next)
    expect([
      first.said,
      second.said,
      order(second.next),
      run({ kind: 'bundle.put', id, documentIds: [doc('one')] }, second.next).said,
    ]).toEqual([
      'New bundle “Monday” of 1 document',
      'Put “Letter” into the bundle “Monday”',
      ['two', 'one'],
      'act.nothing',
    ])
    const turned = run({ kind: 'bundle.order', id, documentIds: [doc('one')] }, second.next)
    expect([
      turned.said,
      order(turned.next),
      run({ kind: 'bundle.order', id, documentIds: [doc('one'), doc('two')] }, turned.next).said,
    ]).toEqual(['Put the bundle “Monday” into another order', ['one', 'two'], 'act.nothing'])
    expect([
      run({ kind: 'bundle.take', id, documentIds: [doc('one')] }, turned.next).said,
      run({ kind: 'bundle.drop', id }, turned.next).said,
    ]).toEqual([
      'Took 1 document out of the bundle “Monday”',
      'Dissolved the bundle “Monday”; its documents stay where they are',
    ])
  })

  it('is marked as done and taken up again', () => {
    const { next } = run(set())
    const done = run(set({ done: true }), next)
    expect([done.said, run(set(), done.next).said, run(set({ name: 'Tuesday' }), next).said]).toEqual([
      'Marked the bundle “Monday” as done',
      'Took up the bundle “Monday” again',
      'Renamed the bundle “Monday” to “Tuesday”',
    ])
  })

  it.each<[Command, string]>([
    [set({ name: '' }), 'name.empty'],
    [set({ note: 'x'.repeat(20_000) }), 'text.long'],
    [set({ documentIds: [doc('gone')] }), 'document.inTrash'],
    [{ kind: 'bundle.put', id, documentIds: [doc('one')] }, 'notFound'],
    [{ kind: 'bundle.take', id, documentIds: [doc('one')] }, 'notFound'],
    [{ kind: 'bundle.drop', id }, 'notFound'],
  ])('%j is refused', (command, code) => expect(run(command).said).toBe(code))
})
