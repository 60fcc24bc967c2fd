import { describe, expect, it } from 'vitest'
import { seeded } from '../../demo/random'
import type { FolderId, DocumentId, TagId } from '../ids'
import { EMPTY, sliceOf } from '../../tests/support/rows'
import { buildTree } from '../tree/index'
import { decide, needsOf } from '../plan/commands/index'
import type { Command } from '../plan/index'
import type { FolderRow } from '../rows/index'
import type { RowChange, State } from './change'
import { conflicts, invert, tryApply, updated } from './change'

/** A random command, sensible or not, on what is there. */
function randomCommand(state: State, seed: { next: number }, random = seeded(seed.next++)): Command {
  const folders = [...state.folder.keys()] as FolderId[]
  const documents = [...state.document.keys()] as DocumentId[]
  const folder = () => (folders.length > 0 ? random.pick(folders) : ('none' as FolderId))
  const place = () => (random.next() < 0.3 || folders.length === 0 ? null : random.pick(folders))
  const things = () => ({
    folderIds: random.some(folders, random.int(0, 2)),
    documentIds: random.some(documents, random.int(0, 2)),
  })
  const id = `x${seed.next}`
  switch (random.int(0, 11)) {
    case 0:
    case 1:
      return {
        kind: 'folder.create',
        id: id as FolderId,
        parentId: place(),
        name: random.pick(['A', 'B', 'Week 2', '']),
        allowTwin: random.next() < 0.7,
      }
    case 2:
      return {
        kind: 'document.add',
        folderId: place(),
        clash: random.pick(['both', 'version']),
        files: [
          {
            id: id as DocumentId,
            versionId: `v${id}`,
            placementId: `p${id}`,
            fileName: random.pick(['a.txt', 'b.pdf']),
            mediaType: 'text/plain',
            size: 3,
            blobId: `b${id}`,
            changedAt: '2026-01-01T00:00:00.000Z',
          },
        ],
      }
    case 3:
      return { kind: 'move', ...things(), toFolderId: place(), fromFolderId: place(), allowTwin: true }
    case 4:
      return { kind: 'trash', ...things() }
    case 5:
      return { kind: 'restore', ...things() }
    case 6:
      return { kind: 'star', ...things(), on: random.next() < 0.6 }
    case 7:
      return { kind: 'folder.rename', id: folder(), name: random.pick(['C', 'D']), allowTwin: random.next() < 0.5 }
    case 8:
      return { kind: 'folder.register', id: folder(), on: random.next() < 0.7 }
    case 9:
      return {
        kind: 'tag.put',
        ...things(),
        tags: [{ id: `t${id}` as TagId, name: random.pick(['Signed', 'sent', 'Sígned']) }],
      }
    case 10:
      return random.next() < 0.5
        ? { kind: 'tag.take', ...things(), tagIds: [...state.tag.keys()] as TagId[] }
        : { kind: 'tag.drop', id: random.pick([...state.tag.keys(), 'none']) as TagId }
    default:
      return { kind: 'folder.number', id: folder(), number: random.next() < 0.3 ? null : random.int(0, 20) }
  }
}

/** The rules that every plan keeps. */
function faultsOf(state: State): string[] {
  const faults: string[] = []
  const live = [...state.folder.values()].filter(folder => folder.trashedAt === null)
  for (const fault of buildTree(live).faults) faults.push(fault.kind)
  for (const folder of state.folder.values())
    if ((folder.trashRoot === null) !== (folder.trashedAt === null)) faults.push(`half in the Trash: ${folder.id}`)
  for (const document of state.document.values()) {
    const places = [...state.placement.values()].filter(placement => placement.documentId === document.id)
    if (places.length === 0) faults.push(`nowhere: ${document.id}`)
    if (places.length > 1 && places.some(placement => placement.folderId === null))
      faults.push(`filed and in the In-tray: ${document.id}`)
    if (new Set(places.map(placement => placement.folderId)).size !== places.length)
      faults.push(`twice in one folder: ${document.id}`)
    if (
      document.trashedAt === null &&
      !places.some(placement => placement.folderId === null || state.folder.get(placement.folderId)?.trashedAt === null)
    )
      faults.push(`hidden: ${document.id}`)
  }
  return faults
}

describe('any sequence of commands', () => {
  it.each(Array.from({ length: 40 }, (_, seed) => seed))(
    'keeps the plan sound, and each change can be taken back (seed %i)',
    first => {
      const seed = { next: first * 1000 + 1 }
      let state = EMPTY
      const done: { rows: readonly RowChange[]; before: State }[] = []
      for (let step = 0; step < 60; step++) {
        const command = randomCommand(state, seed)
        let count = 0
        const decision = decide(sliceOf(state), command, {
          now: '2026-02-02T00:00:00.000Z',
          newId: () => `n${step}-${count++}` as never,
          locale: 'en',
        })
        if (!decision.ok) continue
        const next = tryApply(state, decision.rows)
        expect({ command, fits: next !== null }).toEqual({ command, fits: true })
        if (!next) return
        expect({ command, faults: faultsOf(next) }).toEqual({ command, faults: [] })
        expect(tryApply(next, invert(decision.rows))).toEqual(state)
        done.push({ rows: decision.rows, before: state })
        state = next
      }
      for (const { rows, before } of done.reverse()) {
        const back = tryApply(state, invert(rows))
        expect(back).toEqual(before)
        state = before
      }
      expect(state).toEqual(EMPTY)
    },
  )
})

describe(conflicts, () => {
  const row = { id: 'a' as FolderId, name: 'A' } as FolderRow
  const state: State = { ...EMPTY, folder: new Map([['a', row]]) }

  it('finds nothing where rows hold what was expected', () => {
    expect(conflicts(state, updated('folder', row, { name: 'B' }))).toEqual([])
  })

  it('finds rows that changed meanwhile, are gone, or are there already', () => {
    const rename = updated('folder', { ...row, name: 'Other' }, { name: 'B' })
    const gone: RowChange = { table: 'folder', op: 'delete', id: 'z', before: row }
    const there: RowChange = { table: 'folder', op: 'insert', id: 'a', after: row }
    expect(conflicts(state, [...rename, gone, there])).toEqual([...rename, gone, there])
  })
})

describe(updated, () => {
  it('holds only what differs, and nothing when nothing does', () => {
    const row = { id: 'a' as FolderId, name: 'A', purpose: 'x' } as FolderRow
    expect(updated('folder', row, { name: 'B', purpose: 'x' })).toEqual([
      { table: 'folder', op: 'update', id: 'a', before: { name: 'A' }, after: { name: 'B' } },
    ])
    expect(updated('folder', row, { name: 'A' })).toEqual([])
  })
})

describe(needsOf, () => {
  it('asks for the documents that a command touches and no others', () => {
    const nothing = {
      documentIds: [],
      inFolder: null,
      inFolders: [],
      namesakes: [],
      besides: [],
      meaningId: null,
      inBranches: [],
      trashRoots: [],
      tagIds: [],
      taggedIds: [],
      versionsOf: [],
      starIds: [],
      tags: false,
      orders: false,
      searches: false,
      bundleId: null,
      linkIds: [],
      access: false,
      personIds: [],
      membersOf: null,
    }
    expect(needsOf({ kind: 'folder.rename', id: 'a' as FolderId, name: 'B', allowTwin: false })).toEqual(nothing)
    expect(needsOf({ kind: 'trash', folderIds: ['a' as FolderId], documentIds: ['d' as DocumentId] })).toEqual({
      ...nothing,
      documentIds: ['d'],
      inBranches: ['a'],
    })
  })
})
