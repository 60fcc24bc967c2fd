import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import type { DocumentId, FolderId } from '../../core/ids'
import { refusal } from '../../core/errors'
import { stubBrowser } from '../../tests/support/browserParts'
import { useActs } from './acts'
import type { InHand } from './inHand'
import { useHand } from './hand'

const paper = (id: string, from: string | null = 'here'): InHand => ({
  kind: 'document',
  id: id as DocumentId,
  name: id,
  fromFolderId: from as FolderId | null,
})
const folder = (id: string): InHand => ({ kind: 'folder', id: id as FolderId, name: id, fromFolderId: null })
const there = 'there' as FolderId
let act: ReturnType<typeof vi.fn>

function begin(kept: Record<string, string> = {}) {
  const contents = stubBrowser(kept)
  setActivePinia(createPinia())
  act = vi.fn(() => Promise.resolve({ ok: true }))
  useActs().act = act as never
  return { hand: useHand(), contents }
}

describe('the hand', () => {
  beforeEach(() => {
    begin()
  })

  it('carries things from several places, each once, and lets go of single ones', () => {
    const { hand } = begin()
    hand.pick([paper('a'), paper('b')], 'move')
    hand.pick([paper('a', 'elsewhere'), folder('f')], 'move')
    expect(hand.items.map(({ id }) => id)).toEqual(['b', 'a', 'f'])
    hand.drop('b')
    expect([hand.holds('a' as DocumentId), hand.holds('b' as DocumentId)]).toEqual([true, false])
  })

  it('survives a reload, also one that left nonsense behind', async () => {
    const { hand, contents } = begin()
    hand.pick([paper('a')], 'move')
    await nextTick()
    expect(begin({ 'hembix.hand': contents.get('hembix.hand') ?? '' }).hand.items).toEqual([paper('a')])
    expect(begin({ 'hembix.hand': '{not json' }).hand.items).toEqual([])
  })

  it('moves all in one act, each from where it was picked up, and is empty then', async () => {
    const { hand } = begin()
    hand.pick([paper('a'), paper('b', null), folder('f')], 'move')
    await hand.putDown('move', there)
    expect(act.mock.calls).toEqual([
      [
        {
          kind: 'move',
          folderIds: ['f'],
          documentIds: ['a', 'b'],
          fromFolderId: null,
          toFolderId: there,
          froms: [
            { documentId: 'a', folderId: 'here' },
            { documentId: 'b', folderId: null },
          ],
          allowTwin: true,
        },
        { quiet: true },
      ],
    ])
    expect(hand.items).toEqual([])
  })

  it('copies documents and branches, and files documents as well', async () => {
    const { hand } = begin()
    hand.pick([paper('a'), folder('f')], 'copy')
    await hand.putDown('copy', there)
    expect(act.mock.calls).toMatchObject([
      [{ kind: 'document.copy', copies: [{ id: 'a' }], folders: [{ id: 'f' }], folderId: there }, { quiet: true }],
    ])
    hand.pick([paper('a')], 'move')
    await hand.putDown('file', there)
    expect(act).toHaveBeenLastCalledWith(
      { kind: 'document.file', documents: [{ id: 'a', name: null }], folderIds: [there], tags: [] },
      { quiet: true },
    )
  })

  it('keeps what was refused, and says why', async () => {
    const { hand } = begin()
    act.mockResolvedValue({ ok: false, reason: refusal('folder.intoItself', { name: 'F' }) })
    hand.pick([folder('f')], 'move')
    await hand.putDown('move', there)
    expect(hand.refused).toContain('cannot go into itself')
    expect(hand.items).toHaveLength(1)
  })
})
