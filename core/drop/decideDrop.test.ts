import { describe, expect, it } from 'vitest'
import { folderRow } from '../../tests/support/rows'
import type { DocumentId, FolderId } from '../ids'
import { numberTree, PLAIN_NUMBERING } from '../numbering/index'
import type { Carried, DropTarget } from './index'
import { decideDrop } from './index'

const folder = (id: string) => id as FolderId
const plan = { numbering: PLAIN_NUMBERING, childOrder: 'hand' as const }
const numbered = numberTree(
  plan,
  [
    folderRow('a', { orderKey: 'a0' }),
    folderRow('b', { orderKey: 'a1' }),
    folderRow('below', { parentId: folder('a'), orderKey: 'a0' }),
  ],
  'en',
)
const facts = { plan, tree: numbered.tree, numbered, locale: 'en' }
const documents: Carried = { folderIds: [], documentIds: ['d' as DocumentId], fromFolderId: folder('a') }
const folders: Carried = { folderIds: [folder('a')], documentIds: [], fromFolderId: null }
const drop = (carried: Carried, target: DropTarget | null, asWell = false) =>
  decideDrop(carried, target, { asWell }, facts)
const on = (id: string | null): DropTarget => ({ kind: 'folder', id: id === null ? null : folder(id) })

describe('what comes of a drop', () => {
  it('is a move, another place, the hand, or a place among folders', () => {
    expect(drop(documents, on('b'))).toEqual({ kind: 'move', to: 'b' })
    expect(drop(documents, on(null))).toEqual({ kind: 'move', to: null })
    expect(drop(documents, on('b'), true)).toEqual({ kind: 'fileAsWell', to: 'b' })
    expect(drop(documents, on(null), true)).toEqual({ kind: 'move', to: null })
    expect(drop(folders, { kind: 'hand' })).toEqual({ kind: 'pickUp' })
    const at = { parentId: null, before: null }
    expect(drop(folders, { kind: 'between', place: at })).toEqual({ kind: 'place', at, code: '2' })
  })

  it('of documents on another one is a new folder for all of them', () => {
    const target: DropTarget = { kind: 'document', id: 'e' as DocumentId, folderId: folder('a') }
    expect(drop(documents, target)).toEqual({ kind: 'gather', documentIds: ['e', 'd'], in: 'a' })
    expect(drop(documents, { ...target, id: 'd' as DocumentId })).toMatchObject({ kind: 'refused', why: 'nowhere' })
    expect(drop(folders, target)).toMatchObject({ kind: 'refused' })
  })

  it('is refused with its reason', () => {
    const both = { ...folders, documentIds: documents.documentIds }
    expect(drop(documents, null)).toEqual({ kind: 'refused', why: 'nowhere' })
    expect(drop(folders, on('below'))).toEqual({ kind: 'refused', why: 'itself' })
    expect(drop(documents, on('a'))).toEqual({ kind: 'refused', why: 'there' })
    expect(drop(folders, on(null))).toEqual({ kind: 'refused', why: 'there' })
    expect(drop({ ...both, folderIds: [folder('below')] }, on(null))).toEqual({ kind: 'refused', why: 'foldersInTray' })
    expect(drop(folders, on('b'), true)).toEqual({ kind: 'refused', why: 'onePlace' })
    expect(drop(folders, { kind: 'between', place: { parentId: folder('below'), before: null } })).toMatchObject({
      kind: 'refused',
      why: 'numbers',
      reason: { code: 'folder.intoItself' },
    })
  })
})
