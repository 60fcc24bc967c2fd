import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, ref } from 'vue'
import type { DocumentId, FolderId } from '../../core/ids'
import { stubBrowser } from '../../tests/support/browserParts'
import { useActs } from '../stores/acts'
import { useHand } from '../stores/hand'
import { useDialogs } from '../stores/dialogs'
import type { ThingItem } from './act'
import { useThings } from './useThings'

const item = (kind: ThingItem['kind'], name: string, starred = false): ThingItem => {
  const head = { key: `${kind}:${name}`, name, starred }
  return kind === 'folder'
    ? { ...head, kind, id: name as FolderId }
    : { ...head, kind, id: name as DocumentId, extension: '' }
}
const targetItems = ref<ThingItem[]>([])
const opened: string[] = []
let things: ReturnType<typeof useThings>
let act: ReturnType<typeof vi.fn>

beforeEach(() => {
  stubBrowser()
  setActivePinia(createPinia())
  opened.length = 0
  act = vi.fn(() => Promise.resolve({ ok: true }))
  useActs().act = act as never
  targetItems.value = []
  things = useThings(
    computed(() => targetItems.value),
    {
      open: ({ name }) => opened.push(`open ${name}`),
      rename: ({ name }) => opened.push(`rename ${name}`),
      show: ({ name }) => opened.push(`show ${name}`),
      fromFolderId: () => 'here' as FolderId,
    },
  )
})
const press = (key: string, more: Partial<KeyboardEvent> = {}) =>
  things.press({ key, ctrlKey: false, metaKey: false, altKey: false, ...more } as KeyboardEvent)

describe('the acts on things', () => {
  it('are none without a thing, all for one, and those for many only for many', () => {
    expect(things.acts.value).toEqual([])
    targetItems.value = [item('document', 'a')]
    expect(things.acts.value.map(({ name }) => name)).toEqual([
      'Open',
      'Show in plan',
      'Rename',
      'Move to…',
      'File elsewhere as well…',
      'Pick up',
      'Pick up a copy',
      'New folder for it…',
      'Tag…',
      'Colour…',
      'Star',
      'Keep first here',
      'Put into a bundle…',
      'Download',
      'Give…',
      'Hand out copies…',
      'Hand over…',
      'Lock…',
      'Story…',
      'Put into Trash',
    ])
    targetItems.value = [item('document', 'a'), item('folder', 'b')]
    expect(things.acts.value.map(({ name }) => name)).toEqual([
      'Move to…',
      'Pick up',
      'Pick up a copy',
      'Tag…',
      'Star',
      'Download as one ZIP',
      'Give…',
      'Put into Trash',
    ])
  })

  it('take out what a mailbox or an archive holds, named for that, and nothing of other documents', () => {
    const named = (extension: string) => {
      targetItems.value = [
        { key: 'd:a', kind: 'document', id: 'a' as DocumentId, name: 'a', starred: false, extension },
      ]
      return things.acts.value.find(({ key }) => key === 'K')?.name
    }
    expect(['zip', 'mbox', 'eml', 'txt'].map(named)).toEqual([
      'Unpack',
      'Make documents of its messages',
      'Make documents of its attachments',
      undefined,
    ])
  })

  it('are run by their keys, and by no key that is held with another', () => {
    targetItems.value = [item('document', 'a')]
    expect([press('Enter'), press('g'), press('F2'), press('q'), press('s', { ctrlKey: true })]).toEqual([
      true,
      true,
      true,
      false,
      false,
    ])
    expect(opened).toEqual(['open a', 'show a', 'rename a'])
    expect(act).not.toHaveBeenCalled()
  })

  it('are picked up with X, Ctrl+X and Ctrl+C, and the hand knows how', () => {
    targetItems.value = [item('document', 'a')]
    expect(press('c', { ctrlKey: true })).toBe(true)
    expect([useHand().way, useHand().items]).toEqual([
      'copy',
      [{ kind: 'document', id: 'a', name: 'a', fromFolderId: 'here' }],
    ])
    targetItems.value = [item('folder', 'b')]
    press('x')
    expect([useHand().way, useHand().items.map(({ id }) => id)]).toEqual(['move', ['a', 'b']])
  })

  it('star all unless all have one, and send each kind by its ids', () => {
    targetItems.value = [item('document', 'a', true), item('folder', 'b')]
    press('s')
    expect(act).toHaveBeenLastCalledWith({ kind: 'star', documentIds: ['a'], folderIds: ['b'], on: true })
    targetItems.value = [item('document', 'a', true)]
    press('s')
    expect(act).toHaveBeenLastCalledWith({ kind: 'star', documentIds: ['a'], folderIds: [], on: false })
    press('Delete')
    expect(act).toHaveBeenLastCalledWith({ kind: 'trash', documentIds: ['a'], folderIds: [] })
  })

  it('ask where to move, naming the one thing or none', () => {
    targetItems.value = [item('document', 'a')]
    press('m')
    expect(useDialogs().move).toEqual({ documentIds: ['a'], folderIds: [], fromFolderId: 'here', name: 'a' })
    targetItems.value = [item('document', 'a'), item('document', 'b')]
    press('m')
    expect(useDialogs().move).toMatchObject({ documentIds: ['a', 'b'], name: '' })
  })
})
