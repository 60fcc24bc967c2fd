import { describe, expect, it } from 'vitest'
import { documentRow, EMPTY, folderRow, NOW, sliceOf } from '../../../tests/support/rows'
import type { State } from '../../change/index'
import { tryApply } from '../../change/index'
import { wordMessage } from '../../history/index'
import type { DocumentId, FolderId, GrantId, GroupId, PersonId } from '../../ids'
import { IN_ORDER } from '../inOrder'
import type { Role } from '../../rows/index'
import type { Command } from './index'
import { decide, sharedCommand } from './index'

let made = 0
const moment = { now: NOW, newId: () => `new${++made}` as never, locale: 'en' }
const state: State = {
  ...EMPTY,
  folder: new Map([['a', folderRow('a', { name: 'Handouts' })]]),
  document: new Map([['d', documentRow('d', { name: 'Splices' })]]),
  placement: new Map([
    ['p', { id: 'p', documentId: 'd' as never, folderId: 'a' as never, home: true, first: false, orderKey: '' }],
  ]),
}
const [PER, SANNA] = ['per' as PersonId, 'sanna' as PersonId]
const GROUP = 'g' as GroupId
const group = (more: object = {}): Command => ({
  ...{ kind: 'group.set', id: GROUP, name: 'Evening class', add: [PER, SANNA], remove: [] },
  ...more,
})
const to = (id: string, whoId: string | null) => ({
  id: id as GrantId,
  who: whoId === null ? ('everyone' as const) : whoId === 'g' ? ('group' as const) : ('person' as const),
  whoId,
})
interface Parts {
  readonly role?: Role
  readonly until?: string
  readonly note?: string
  readonly target?: 'plan' | 'folder' | 'document'
  readonly targetId?: string
  readonly to?: readonly ReturnType<typeof to>[]
}
const give = ({ target = 'folder', targetId = 'a', to: all = [to('x', 'per')], ...more }: Parts = {}): Command => ({
  ...{ kind: 'grant.give', grants: all.map(one => ({ ...one, target, targetId })) },
  ...{ role: 'read', until: null, note: '' },
  ...more,
})

/** The state after the commands, and what each said; a refusal ends it. */
const run = (...commands: Command[]) => runIn(state, ...commands)

function runIn(from: State, ...commands: Command[]): { state: State; said: string[] } {
  let now = from
  const said: string[] = []
  for (const command of commands) {
    const decision = decide(sliceOf(now), command, moment)
    if (!decision.ok) return { state: now, said: [...said, decision.reason.code] }
    said.push(wordMessage(decision.message))
    const next = tryApply(now, decision.rows)
    if (!next) throw new Error('the rows do not fit')
    now = next
  }
  return { state: now, said }
}

describe('a group', () => {
  it('is made, filled, renamed and dropped with what was given to it', () => {
    const { said, state: after } = run(
      group({ add: [PER] }),
      group({ add: [SANNA, PER] }),
      group({ add: [], remove: [PER] }),
      group({ name: 'Late class', add: [] }),
      give({ to: [to('x', 'g')] }),
      { kind: 'group.drop', id: GROUP },
    )
    expect(said).toEqual([
      'New group “Evening class” with 1 person',
      'Took Sanna Roke into “Evening class”',
      'Took Per Aske out of “Evening class”',
      'Renamed the group “Evening class” to “Late class”',
      'Gave 1 Handouts to Late class to read',
      'Dropped the group “Late class” with 1 thing given to it',
    ])
    expect([after.person_group.size, after.group_member.size, after.access_grant.size]).toEqual([0, 0, 0])
  })

  it.each([
    [[group(), group({ id: 'h', name: 'evening CLASS' })], 'group.twin'],
    [[group({ add: ['stranger'] })], 'give.nobody'],
    [[group({ name: ' ' })], 'name.empty'],
    [[group(), group({ add: [] })], 'act.nothing'],
    [[{ kind: 'group.drop', id: 'h' as GroupId } as const], 'notFound'],
  ])('is refused: %#', (commands, code) => {
    expect(run(...commands).said.at(-1)).toBe(code)
  })
})

describe('giving', () => {
  it('says to whom and what, and gives who has it already another role in its place', () => {
    const { said, state: after } = run(
      give({ to: [to('x', 'per'), to('y', null)], note: ' Thursday ' }),
      give({ role: 'edit', to: [to('z', 'per')] }),
      give({ target: 'document', targetId: 'd', to: [to('w', 'sanna')], role: 'add' }),
      give({ target: 'plan', targetId: 'plan', to: [to('v', 'sanna')], role: 'keep' }),
    )
    expect(said).toEqual([
      'Gave 1 Handouts to Per Aske and everyone with an account here to read',
      'Gave 1 Handouts to Per Aske to change',
      'Gave “Splices” in 1 Handouts to Sanna Roke to add to',
      'Gave the plan to Sanna Roke to keep',
    ])
    expect([...after.access_grant.values()].map(({ id, role, note }) => [id, role, note])).toEqual([
      ['x', 'edit', ''],
      ['y', 'read', 'Thursday'],
      ['w', 'add', ''],
      ['v', 'keep', ''],
    ])
  })

  it.each([
    [{ to: [to('x', 'owner')] }, 'give.owner'],
    [{ to: [to('x', 'stranger')] }, 'give.nobody'],
    [{ to: [to('x', 'g')] }, 'give.nobody'],
    [{ until: '2020-01-01T00:00:00.000Z' }, 'link.over'],
    [{ targetId: 'gone' }, 'notFound'],
    [{ target: 'plan', targetId: 'another' }, 'notFound'],
    [{ note: 'x'.repeat(3000) }, 'text.long'],
  ] as [Parts, string][])('is refused with %j', (more, code) => {
    expect(run(give(more)).said).toEqual([code])
  })

  it('gives several things to several people in one act', () => {
    const one = (id: string, target: 'folder' | 'document', targetId: string, whoId: string) => ({
      ...{ id: id as GrantId, target, targetId, who: 'person' as const, whoId },
    })
    const { said, state: after } = run({
      kind: 'grant.give',
      grants: [
        ...[one('a1', 'folder', 'a', 'per'), one('a2', 'folder', 'a', 'sanna')],
        ...[one('d1', 'document', 'd', 'per'), one('d2', 'document', 'd', 'sanna')],
      ],
      role: 'read',
    })
    expect(said).toEqual(['Gave 1 folder and 1 document to Per Aske and Sanna Roke to read'])
    expect(after.access_grant.size).toBe(4)
  })

  it('begins anew where it was over', () => {
    const first = run(give({ until: '2026-12-31T00:00:00.000Z' })).state
    const later = { ...moment, now: '2027-01-02T00:00:00.000Z' }
    const again = decide(sliceOf(first), give({ to: [to('y', 'per')] }), later)
    expect(again.ok && again.rows.map(({ op, id }) => `${op} ${id}`)).toEqual(['delete x', 'insert y'])
  })

  it('is taken back, several at once, also where the thing is gone', () => {
    const end = (...ids: string[]) => ({ kind: 'grant.end', ids }) as const
    const given = run(give(), give({ target: 'document', targetId: 'd', to: [to('y', 'per')] }))
    const said = (command: Command, now = given.state) => {
      const decision = decide(sliceOf(now), command, moment)
      return decision.ok ? wordMessage(decision.message) : decision.reason.code
    }
    expect(said(end('x'))).toBe('Took 1 Handouts back from Per Aske')
    expect(said(end('x', 'y', 'x'))).toBe('Took back 2 things that were given')
    expect(said(end('nothing'))).toBe('notFound')
    const gone = { ...given.state, document: new Map() }
    expect(said(end('y'), gone)).toBe('Took back something that is gone from the plan')
  })
})

describe('a hand-out', () => {
  const out = (more: object = {}): Command => ({
    ...{ kind: 'group.handOut', groupId: GROUP, parentId: null, id: 'h' as FolderId, name: 'Knots test' },
    ...{ documentIds: ['d' as DocumentId], until: '2026-12-31T00:00:00.000Z' },
    ...more,
  })

  it('makes a folder with a copy for each, theirs alone, to add to until the hand-in and to read after it', () => {
    const { said, state: after } = run(group(), out())
    expect(said.at(-1)).toBe('Handed “Splices” out to 2 people of “Evening class” in 2 Knots test')
    const own = [...after.folder.values()].filter(({ parentId }) => parentId === 'h')
    expect(own.map(folder => folder.name)).toEqual(['Per Aske', 'Sanna Roke'])
    const grants = [...after.access_grant.values()].map(one => [one.whoId, one.targetId, one.role, one.until])
    expect(grants).toEqual(
      [PER, SANNA].flatMap((who, at) => [
        [who, own[at]?.id, 'add', '2026-12-31T00:00:00.000Z'],
        [who, own[at]?.id, 'read', null],
      ]),
    )
    const places = [...after.placement.values()].filter(({ folderId }) => own.some(({ id }) => id === folderId))
    expect(places.map(({ documentId }) => after.document.get(documentId)?.copiedFrom)).toEqual(['d', 'd'])
  })

  it('can be of folders alone, without an end', () => {
    const { said, state: after } = run(group(), out({ documentIds: [], until: null }))
    expect(said.at(-1)).toBe('Made a folder for each of 2 people of “Evening class” in 2 Knots test')
    expect([...after.access_grant.values()].map(({ role, until }) => [role, until])).toEqual([
      ['add', null],
      ['add', null],
    ])
  })

  it.each([
    [[group({ add: [] }), out()], 'handOut.nobody'],
    [[out()], 'notFound'],
    [[group(), out({ until: '2020-01-01T00:00:00.000Z' })], 'link.over'],
    [[group(), out({ name: 'handouts' })], 'name.twin'],
    [[group(), out({ documentIds: ['gone'] })], 'notFound'],
    [[group(), give({ to: [to('x', 'g')] }), out({ parentId: 'a' })], 'handOut.open'],
  ])('is refused: %#', (commands, code) => {
    expect(run(...commands).said.at(-1)).toBe(code)
  })
})

describe('what others may carry out', () => {
  it('says what it touches, from which role on', () => {
    expect(sharedCommand({ kind: 'document.rename', id: 'd' as never, name: 'x', allowTwin: false })).toEqual({
      role: 'edit',
      own: 'add',
      takesAway: false,
      folderIds: [],
      changedFolderIds: [],
      documentIds: ['d'],
    })
    const moved = { folderIds: ['f' as never], documentIds: ['d' as never], fromFolderId: 'a' as never }
    expect(sharedCommand({ kind: 'move', ...moved, toFolderId: null, allowTwin: false })).toMatchObject({
      ...{
        role: 'edit',
        own: 'edit',
        takesAway: true,
        folderIds: [null, 'a'],
        changedFolderIds: ['f'],
        documentIds: ['d'],
      },
    })
  })

  it('is never what gives or takes rights', () => {
    const kept: Command[] = [give(), group(), { kind: 'grant.end', ids: ['x'] }, { kind: 'plan.rename', name: 'x' }]
    for (const command of kept) expect(sharedCommand(command)).toBeNull()
  })
})

describe('an area', () => {
  const rule = { kind: 'plan.areasOnly', on: true } as const
  const area = { kind: 'folder.area', id: 'a' as FolderId, on: true } as const
  const secret = 'AAAAAAAAAAAAAAAAAAAAAA'
  const link = { kind: 'link.make', id: 'l' as never, target: 'folder', targetId: 'a', secret } as const

  it('is made, given, and no more', () => {
    const { said, state: after } = run(area, rule, give(), link, { ...area, on: false })
    expect(said).toEqual([
      'Made 1 Handouts an area',
      'Nothing is given but areas from now on',
      'Gave 1 Handouts to Per Aske to read',
      'Made a link to 1 Handouts',
      'Let 1 Handouts be an area no more',
    ])
    expect(after.folder.get('a')?.area).toBe(false)
  })

  it.each([
    ['another folder', give()],
    ['a link to one', link],
    ['a document in an area', give({ target: 'document', targetId: 'd' })],
    ['the plan', give({ target: 'plan', targetId: 'plan' })],
    [
      'a hand-out elsewhere',
      { kind: 'group.handOut', groupId: GROUP, parentId: null, id: 'h' as FolderId, name: 'Test' } as const,
    ],
  ] as [string, Command][])('is alone given where that is the rule, not %s', (what, command) => {
    const others = what.endsWith('in an area') ? [area] : []
    expect(run(group(), ...others, rule, command).said.at(-1)).toBe('give.areasOnly')
  })

  it('may hold hand-outs, and what was given before is taken back', () => {
    const out = { kind: 'group.handOut', groupId: GROUP, parentId: 'a' as FolderId, id: 'h' as FolderId } as const
    expect(run(group(), area, rule, { ...out, name: 'Test' }).said.at(-1)).toMatch(/^Made a folder for each/)
    expect(run(give(), rule, { kind: 'grant.end', ids: ['x'] }).said.at(-1)).toMatch(/^Took 1 Handouts back/)
  })
})

describe('documents that are kept first', () => {
  const first = (more: object = {}) =>
    ({
      kind: 'document.first',
      folderId: 'a' as FolderId,
      documentIds: ['d' as DocumentId],
      on: true,
      ...more,
    }) as const

  it('are so in one folder, and stand in order again', () => {
    const { said, state: after } = run(first(), first({ on: false }))
    expect(said).toEqual(['Kept “Splices” first in 1 Handouts', 'Let “Splices” stand in order in 1 Handouts again'])
    expect(after.placement.get('p')?.first).toBe(false)
    expect(run(first()).state.placement.get('p')?.first).toBe(true)
  })

  it('stand in an order of their own until they stand in order', () => {
    const both: State = {
      ...state,
      document: new Map([...state.document, ['e', documentRow('e', { name: 'Knots' })]]),
      placement: new Map([
        ...state.placement,
        ['q', { ...IN_ORDER, id: 'q', documentId: 'e' as DocumentId, folderId: 'a' as FolderId, home: true }],
      ]),
    }
    const arranged = (...ids: string[]) =>
      ({ kind: 'document.arrange', folderId: 'a' as FolderId, documentIds: ids as DocumentId[] }) as const
    const orderOf = ({ placement }: State) =>
      [...placement.values()]
        .sort((one, other) => (one.orderKey < other.orderKey ? -1 : 1))
        .map(({ documentId, first: isFirst }) => `${documentId} ${isFirst}`)
    const then = runIn(both, arranged('e', 'd'), arranged('d', 'e'))
    expect(then.said[0]).toBe('Laid those that are first in 1 Handouts in order')
    expect(orderOf(then.state)).toEqual(['d true', 'e true'])
    expect(orderOf(runIn(both, arranged('e', 'd')).state)).toEqual(['e true', 'd true'])
    expect(orderOf(runIn(both, arranged('e', 'd', 'e')).state)).toEqual(['e true', 'd true'])
    expect(runIn(then.state, first({ on: false })).state.placement.get('p')?.orderKey).toBe('')
  })

  it('have to lie there', () => {
    const elsewhere = { ...state, folder: new Map([...state.folder, ['b', folderRow('b')]]) }
    const decision = decide(sliceOf(elsewhere), first({ folderId: 'b' }), moment)
    expect(!decision.ok && decision.reason.code).toBe('place.last')
    expect(run(first(), first()).said.at(-1)).toBe('act.nothing')
  })
})
