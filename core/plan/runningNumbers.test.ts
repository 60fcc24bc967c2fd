import { describe, expect, it } from 'vitest'
import { wordMessage } from '../history/index'
import { documentRow, EMPTY, folderRow, NOW, sliceOf } from '../../tests/support/rows'
import { invert, tryApply } from '../change/index'
import type { State } from '../change/index'
import type { DocumentId, FolderId, TagId } from '../ids'
import type { PlacementRow } from '../rows/index'
import type { Command } from './commands/index'
import { decide } from './commands/index'
import { readRunningNumber, serialsIn, writeRunningNumber } from './runningNumbers'

const id = (text: string) => text as FolderId
const doc = (text: string) => text as DocumentId
const lies = (documentId: string, folderId: string | null): [string, PlacementRow] => [
  `p-${documentId}`,
  {
    id: `p-${documentId}`,
    documentId: doc(documentId),
    folderId: folderId as FolderId | null,
    home: true,
    first: false,
    orderKey: '',
  },
]

/** A plan with what was given out, as the server keeps it: the counters stay when a Change is taken back. */
class Plan {
  serials = new Map<string, number>()
  state: State = {
    ...EMPTY,
    folder: new Map([folderRow('a', { name: 'Post' }), folderRow('b', { name: 'Archive' })].map(row => [row.id, row])),
    document: new Map(
      [documentRow('d1'), documentRow('d2', { createdAt: '2026-02-01T00:00:00.000Z' }), documentRow('d3')].map(row => [
        row.id,
        row,
      ]),
    ),
    placement: new Map([lies('d1', 'a'), lies('d2', 'a'), lies('d3', null)]),
  }

  private made = 0

  do(command: Command) {
    const decision = decide(sliceOf(this.state, this.serials), command, {
      now: NOW,
      newId: () => `new${this.made++}` as never,
      locale: 'en',
    })
    if (!decision.ok) throw new Error(decision.reason.message)
    this.write(decision.rows)
    return {
      label: wordMessage(decision.message),
      undo: () => {
        this.write(invert(decision.rows))
      },
    }
  }

  private write(rows: Parameters<typeof tryApply>[1]): void {
    const next = tryApply(this.state, rows)
    if (!next) throw new Error('The Change does not fit.')
    this.state = next
    for (const [prefix, last] of serialsIn(rows))
      this.serials.set(prefix, Math.max(last, this.serials.get(prefix) ?? 0))
  }

  get numbers(): Record<string, string | null> {
    return Object.fromEntries([...this.state.document.values()].map(document => [document.id, document.runningNumber]))
  }
}

const add = (key: string, folderId: string | null): Command => ({
  kind: 'document.add',
  folderId: folderId as FolderId | null,
  clash: 'both',
  files: [
    {
      id: doc(key),
      versionId: `v${key}`,
      placementId: `p-${key}`,
      fileName: `${key}.txt`,
      mediaType: 'text/plain',
      size: 1,
      blobId: key,
      changedAt: NOW,
    },
  ],
})
const move = (key: string, toFolderId: string | null): Command => ({
  kind: 'move',
  folderIds: [],
  documentIds: [doc(key)],
  fromFolderId: null,
  toFolderId: toFolderId as FolderId | null,
  allowTwin: false,
})
const giveNumbers = (key: string, on = true): Command => ({ kind: 'folder.register', id: id(key), on })

describe('running numbers', () => {
  it('begin with the oldest in the folder, and go on with what comes in', () => {
    const plan = new Plan()
    expect(plan.do(giveNumbers('a')).label).toBe('Began running numbers in 1 Post with 2 documents in it')
    plan.do(move('d3', 'a'))
    plan.do(add('d4', 'a'))
    plan.do(add('d5', 'b'))
    expect(plan.numbers).toEqual({ d2: '1-001', d1: '1-002', d3: '1-003', d4: '1-004', d5: null })
  })

  it('stay when the document moves on, also into a folder that gives numbers, and when they are switched off', () => {
    const plan = new Plan()
    plan.do(giveNumbers('a'))
    plan.do(giveNumbers('b'))
    plan.do(move('d1', 'b'))
    plan.do(giveNumbers('a', false))
    plan.do(move('d3', 'a'))
    expect(plan.numbers).toEqual({ d2: '1-001', d1: '1-002', d3: null })
  })

  it('are never used twice: not after undo, not by another folder that has the code later', () => {
    const plan = new Plan()
    plan.do(giveNumbers('a'))
    plan.do(add('d4', 'a')).undo()
    plan.do(add('d5', 'a'))
    expect(plan.numbers.d5).toBe('1-004')
    plan.do({ kind: 'folder.number', id: id('a'), number: 7 })
    plan.do({ kind: 'folder.number', id: id('b'), number: 1 })
    plan.do(giveNumbers('b'))
    plan.do(move('d3', 'b'))
    expect(plan.numbers.d3).toBe('1-005')
  })

  it('are given to documents that come with a duplicate, a restored folder or a merge', () => {
    const plan = new Plan()
    plan.do({ kind: 'trash', folderIds: [], documentIds: [doc('d1')] })
    plan.do(giveNumbers('a'))
    plan.do({ kind: 'restore', folderIds: [], documentIds: [doc('d1')] })
    expect(plan.numbers).toMatchObject({ d2: '1-001', d1: '1-002', d3: null })
    plan.do(move('d3', 'b'))
    plan.do({ kind: 'folder.merge', fromId: id('b'), intoId: id('a'), choices: [] })
    expect(plan.numbers.d3).toBe('1-003')
  })

  it('take the name where the folder has no code', () => {
    const plan = new Plan()
    plan.do({ kind: 'folder.number', id: id('a'), number: null, numbered: false })
    plan.do(giveNumbers('a'))
    expect(plan.numbers.d2).toBe('Post-001')
  })

  it.each([
    ['1.1-014', { prefix: '1.1', serial: 14 }],
    ['2-3-1200', { prefix: '2-3', serial: 1200 }],
  ])('%s is read and written', (text, number) => {
    expect(readRunningNumber(text)).toEqual(number)
    expect(writeRunningNumber(number)).toBe(text)
  })
})

describe('tags', () => {
  const put = (name: string, key: string, documentIds: string[], folderIds: string[] = []): Command => ({
    kind: 'tag.put',
    tags: [{ id: key as TagId, name }],
    documentIds: documentIds.map(doc),
    folderIds: folderIds.map(id),
  })
  const names = (plan: Plan) =>
    [...plan.state.tagging.values()]
      .map(({ tagId, targetId }) => `${plan.state.tag.get(tagId)?.name ?? '?'} ${targetId}`)
      .sort()

  it('are put on folders and documents by name; the same word is the same tag', () => {
    const plan = new Plan()
    expect(plan.do(put(' to  sign ', 't1', ['d1'], ['b'])).label).toBe('Tagged 1 folder and 1 document with “to sign”')
    plan.do(put('To Sígn', 't2', ['d1', 'd2']))
    expect(names(plan)).toEqual(['to sign b', 'to sign d1', 'to sign d2'])
    expect(() => plan.do(put('to sign', 't3', ['d1']))).toThrow('nothing to change')
    expect(() => plan.do(put('a, b', 't3', ['d1']))).toThrow('without commas')
    plan.do({ kind: 'tag.take', tagIds: ['t1' as TagId], documentIds: [doc('d1')], folderIds: [] })
    expect(names(plan)).toEqual(['to sign b', 'to sign d2'])
  })

  it('are renamed, merged and deleted for all that carry them, and come back by undo', () => {
    const plan = new Plan()
    plan.do(put('signed', 't1', ['d1', 'd2']))
    plan.do(put('sigend', 't2', ['d2', 'd3']))
    expect(() =>
      plan.do({ kind: 'tag.set', id: 't2' as TagId, name: 'Signed', meaningId: null, hidden: false }),
    ).toThrow('already the tag')
    const merged = plan.do({ kind: 'tag.merge', id: 't2' as TagId, into: 't1' as TagId })
    expect(merged.label).toBe('Merged the tag “sigend” into “signed”, on 2 things')
    expect(names(plan)).toEqual(['signed d1', 'signed d2', 'signed d3'])
    merged.undo()
    plan.do({ kind: 'tag.drop', id: 't1' as TagId })
    expect(names(plan)).toEqual(['sigend d2', 'sigend d3'])
  })
})
