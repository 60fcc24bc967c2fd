import { describe, expect, it } from 'vitest'
import { documentRow, EMPTY, folderRow, NOW, sliceOf } from '../../../tests/support/rows'
import type { State } from '../../change/index'
import { tryApply } from '../../change/index'
import type { FolderId, PersonId } from '../../ids'
import type { GrantRow, MeaningRow, PlacementRow, Role, TagRow } from '../../rows/index'
import type { HandedThing } from './handed'
import { handedOf } from './handed'
import { takenOver } from './takenOver'

const meaning = (id: string, name: string): MeaningRow =>
  ({ id, name, ink: '#112233', orderKey: 'a0', closed: false, pattern: 'full' }) as MeaningRow
const tag = (id: string, name: string): TagRow => ({ id, name, folded: name, meaningId: null, hidden: false }) as TagRow
const place = (documentId: string, folderId: string | null, home = true): PlacementRow =>
  ({ id: `${documentId}-${folderId}`, documentId, folderId, home, first: false, orderKey: '' }) as PlacementRow
const grant = (id: string, more: Partial<GrantRow>): GrantRow =>
  ({
    ...{ id, target: 'folder', targetId: 'term', who: 'person', whoId: 'sanna', role: 'read' },
    ...{ until: null, note: '', createdAt: NOW, ...more },
  }) as GrantRow
const byId = <Row extends { readonly id: string }>(...rows: Row[]) => new Map(rows.map(row => [row.id, row]))

/** Of the giver: a term with a week in it, beside an archive. */
const GIVER: State = {
  ...EMPTY,
  folder: byId(
    folderRow('term', { name: 'Term', number: 4, numberFixed: true, pinned: true, meaningId: 'blue' as never }),
    folderRow('week', { name: 'Week 1', parentId: 'term' as FolderId, number: 7, numberFixed: true }),
    folderRow('archive'),
  ),
  document: byId(
    documentRow('plan', { name: 'Lesson plan', runningNumber: '4-001', blobId: 'b1' }),
    documentRow('old', { blobId: 'b2' }),
    documentRow('gone', { blobId: 'b3', trashedAt: NOW }),
  ),
  version: byId(
    ...[1, 2].map(
      number =>
        ({
          ...{ id: `v${number}`, documentId: 'plan', number, blobId: `b${number}`, size: 1, mediaType: 'text/plain' },
          ...{ extension: 'txt', changedAt: NOW, createdAt: NOW, remark: '' },
        }) as never,
    ),
  ),
  placement: byId(
    place('plan', 'archive'),
    place('plan', 'week', false),
    place('old', 'archive'),
    place('gone', 'week'),
  ),
  meaning: byId(meaning('blue', 'Teaching'), meaning('red', 'Urgent')),
  tag: byId(tag('t1', 'exam'), tag('t2', 'unused')),
  tagging: byId({ id: 'x', tagId: 't1', target: 'document', targetId: 'plan' } as never),
  person_group: byId({ id: 'g', name: 'Class', createdAt: NOW } as never),
  group_member: byId({ id: 'm', groupId: 'g', personId: 'sanna' } as never),
  access_grant: byId(
    grant('g1', { who: 'group', whoId: 'g', targetId: 'week' }),
    grant('g2', { whoId: 'per' }),
    grant('g3', { until: '2020-01-01T00:00:00.000Z' }),
    grant('g4', { targetId: 'archive' }),
  ),
}
const TAKER: State = {
  ...EMPTY,
  folder: byId(folderRow('own', { name: 'Term' })),
  meaning: byId(meaning('green', 'teaching')),
  person_group: byId({ id: 'h', name: 'class', createdAt: NOW } as never),
}

function takeOver(thing: HandedThing, role: Role | null = null, takenNumbers: readonly string[] = []) {
  let made = 0
  const handed = handedOf(sliceOf(GIVER), thing, 'en', NOW)
  if (!handed) return null
  const { rows, topId } = takenOver(
    handed,
    {
      ...{ slice: sliceOf(TAKER), parentId: null, taker: 'per' as PersonId, giver: 'owner' as PersonId, role },
      giverName: 'Ida Fenn',
      blobIds: new Map(['b1', 'b2', 'b3'].map(id => [id, `their ${id}`])),
      takenNumbers: new Set(takenNumbers),
    },
    { now: NOW, newId: () => `n${++made}` as never, locale: 'en' },
  )
  const state = tryApply(TAKER, rows)
  if (!state) throw new Error('The rows do not fit.')
  const named = (name: string) => [...state.folder.values()].find(folder => folder.name === name)
  return { state, topId, named, document: [...state.document.values()][0] }
}

describe('a folder that is handed over', () => {
  const folder = { target: 'folder', targetId: 'term' } as const

  it('comes with all below, its numbers and colours, under a free name and without a number of its own', () => {
    const taken = takeOver(folder)
    const [top, week] = [taken?.named('Term (2)'), taken?.named('Week 1')]
    expect([top?.id, top?.number, top?.pinned, top?.meaningId]).toEqual([taken?.topId, null, false, 'green'])
    expect([week?.parentId, week?.number, week?.numberFixed]).toEqual([top?.id, 7, true])
    expect(taken?.state.meaning.size).toBe(1)
  })

  it('brings what lies in it with all versions, tags and the bytes of the new plan', () => {
    const taken = takeOver(folder)
    expect(taken?.state.document.size).toBe(1)
    const { document, state } = taken ?? {}
    expect([document?.name, document?.runningNumber, document?.folded, document?.blobId, document?.sender]).toEqual([
      'Lesson plan',
      '4-001',
      '4 001 lesson plan',
      'their b1',
      'Ida Fenn',
    ])
    expect([...(state?.version.values() ?? [])].map(({ number, blobId }) => `${number} ${blobId}`)).toEqual([
      '1 their b1',
      '2 their b2',
    ])
    // Its home lay elsewhere: that stays behind.
    expect([...(state?.placement.values() ?? [])].map(({ folderId, home }) => [folderId, home])).toEqual([
      [taken?.named('Week 1')?.id, true],
    ])
    expect([...(state?.tag.values() ?? [])].map(({ name }) => name)).toEqual(['exam'])
    expect(takeOver(folder, null, ['4-001'])?.document?.runningNumber).toBeNull()
  })

  it('lets others keep what they may, and the giver what they chose, but not whoever owns it now', () => {
    const taken = takeOver(folder, 'edit')
    const grants = [...(taken?.state.access_grant.values() ?? [])]
    const group = [...(taken?.state.person_group.values() ?? [])].find(({ id }) => id !== 'h')
    expect(group?.name).toBe('Class (2)')
    expect(grants.map(({ who, whoId, targetId, role }) => [who, whoId, targetId, role])).toEqual([
      ['group', group?.id, taken?.named('Week 1')?.id, 'read'],
      ['person', 'owner', taken?.topId, 'edit'],
    ])
    expect([...(taken?.state.group_member.values() ?? [])].map(({ personId }) => personId)).toEqual(['sanna'])
  })
})

it('a plan becomes a folder of its name; a document lies in the In-tray', () => {
  const plan = takeOver({ target: 'plan', targetId: 'plan' })
  const top = plan?.named('Plan')
  expect([top?.id, plan?.named('archive')?.parentId, plan?.named('Week 1')?.number]).toEqual([plan?.topId, top?.id, 7])
  expect(plan?.state.document.size).toBe(2)
  const document = takeOver({ target: 'document', targetId: 'old' }, 'read')
  const [placement] = [...(document?.state.placement.values() ?? [])]
  expect([document?.topId, placement?.folderId, placement?.home]).toEqual([document?.document?.id, null, true])
  expect([...(document?.state.access_grant.values() ?? [])].map(one => [one.target, one.targetId])).toEqual([
    ['document', document?.topId],
  ])
})

it('nothing is handed over that is not there', () => {
  expect(handedOf(sliceOf(GIVER), { target: 'document', targetId: 'gone' }, 'en', NOW)).toBeNull()
  expect(handedOf(sliceOf(GIVER), { target: 'folder', targetId: 'other' }, 'en', NOW)).toBeNull()
})
