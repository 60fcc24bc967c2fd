import { describe, expect, it } from 'vitest'
import { seeded } from '../../demo/random'
import type { FolderId, GrantId, GroupId, PersonId } from '../ids'
import type { Role } from '../rows/index'
import { GRANTEES, ROLES } from '../rows/index'
import { buildTree } from '../tree/index'
import { difference } from './difference'
import type { Grant } from './explain'
import { audienceOf, explain } from './explain'
import { reaching } from './reach'
import { higherRole, includesRole } from './roles'

const NOW = '2026-12-01T00:00:00.000Z'
const id = (text: string) => text as FolderId
const folder = (name: string, parentId: string | null) => ({ id: id(name), parentId: parentId as FolderId | null })
const person = (name: string) => name as PersonId
const targetOf = (id: string) => (id === 'plan' ? 'plan' : id.startsWith('d') ? 'document' : 'folder')
const grant = (
  name: string,
  targetId: string,
  [who, whoId]: readonly [Grant['who'], string | null],
  role: Role,
  until: string | null = null,
): Grant => ({ id: name as GrantId, target: targetOf(targetId), targetId, who, whoId, role, until })

const tree = buildTree([folder('class', null), folder('handouts', 'class'), folder('office', null)])
const groups = new Map([['g' as GroupId, { memberIds: [person('per'), person('sanna')] }]])
const splices = { kind: 'document', id: 'd', folderIds: [id('handouts'), id('office')] } as const

describe(explain, () => {
  const grants = [
    grant('1', 'handouts', ['group', 'g'], 'read'),
    grant('2', 'office', ['person', 'per'], 'edit', '2026-12-31T00:00:00.000Z'),
    grant('3', 'd', ['person', 'odo'], 'read'),
    grant('4', 'class', ['person', 'odo'], 'add', '2026-11-30T00:00:00.000Z'),
  ]
  const asked = (name: string, more: readonly Grant[] = []) => {
    const { role, reasons } = explain(person(name), splices, { tree, grants: [...grants, ...more], groups, now: NOW })
    return [role, reasons.map(({ given, by }) => `${given.id} ${by ?? 'itself'}`)]
  }

  it('gives the highest role of all places, with every reason, the strongest first', () => {
    expect(asked('per')).toEqual(['edit', ['2 office', '1 handouts']])
    expect(asked('sanna')).toEqual(['read', ['1 handouts']])
  })
  it('counts nothing that is over, and is nothing for a stranger', () => {
    expect(asked('odo')).toEqual(['read', ['3 itself']])
    expect(asked('nobody')).toEqual([null, []])
  })
  it('counts what everyone has', () => {
    expect(asked('nobody', [grant('5', 'class', ['everyone', null], 'add')])).toEqual(['add', ['5 class']])
  })
})

describe('roles', () => {
  it('hold the ones before them', () => {
    for (const [index, has] of ROLES.entries())
      for (const [at, wanted] of ROLES.entries()) expect(includesRole(has, wanted)).toBe(at <= index)
    expect(includesRole(null, 'read')).toBe(false)
    const higher = [higherRole(null, 'add'), higherRole('edit', 'add'), higherRole('read', null)]
    expect(higher).toEqual(['add', 'edit', 'read'])
  })
})

describe(difference, () => {
  it('names each person whose role is another one, also by what everyone has', () => {
    const audience = (...grants: Grant[]) => audienceOf(reaching(splices, tree, grants, NOW), groups)
    const before = audience(grant('1', 'handouts', ['group', 'g'], 'read'))
    const after = audience(
      grant('2', 'office', ['person', 'per'], 'edit'),
      grant('3', 'class', ['everyone', null], 'read'),
    )
    expect(difference(before, after)).toEqual([{ personId: 'per', before: 'read', after: 'edit' }])
    expect(difference(audience(), before).map(({ personId }) => personId)).toEqual(['per', 'sanna'])
  })
})

const PEOPLE = ['a', 'b', 'c', 'e']
const NAMES = Array.from({ length: 10 }, (_, index) => `f${index}`)

function randomPlan(random: ReturnType<typeof seeded>) {
  const folders = NAMES.map((name, index) =>
    folder(name, index === 0 || random.next() < 0.25 ? null : `f${random.int(0, index - 1)}`),
  )
  const some = new Map(
    ['g1', 'g2'].map(name => [name as GroupId, { memberIds: PEOPLE.filter(() => random.next() < 0.5).map(person) }]),
  )
  const grants = Array.from({ length: random.int(0, 9) }, (_, index) => {
    const who = random.pick(GRANTEES)
    const whoId = who === 'person' ? random.pick(PEOPLE) : who === 'group' ? random.pick(['g1', 'g2', 'g3']) : null
    const until = random.pick([null, null, '2026-01-01', '2027-01-01'])
    return grant(`${index}`, random.pick([...NAMES, 'd', 'plan']), [who, whoId], random.pick(ROLES), until)
  })
  const folderIds = Array.from({ length: random.int(1, 3) }, () => random.pick([...NAMES, null]) as FolderId | null)
  return { folders, groups: some, grants, folderIds }
}
type RandomPlan = ReturnType<typeof randomPlan>

describe('rights in random plans', () => {
  it('are those of a slow model that asks every grant for every folder above every place', () => {
    const random = seeded(2020)
    for (let turn = 0; turn < 200; turn++) {
      const plan = randomPlan(random)
      const access = { tree: buildTree(plan.folders), grants: plan.grants, groups: plan.groups, now: NOW }
      for (const name of PEOPLE) {
        const { role } = explain(person(name), { kind: 'document', id: 'd', folderIds: plan.folderIds }, access)
        expect([turn, name, role]).toEqual([turn, name, slowRole(name, plan)])
      }
    }
  })
})

function slowRole(name: string, { folders, groups: of, grants, folderIds }: RandomPlan): Role | null {
  let best = -1
  for (const { target, targetId, who, whoId, role, until } of grants) {
    if (until !== null && until <= NOW) continue
    if (who === 'person' && whoId !== name) continue
    if (who === 'group' && !of.get(whoId as GroupId)?.memberIds.includes(person(name))) continue
    let reaches = target === 'document' && targetId === 'd'
    for (const place of folderIds) {
      let at = folders.find(one => one.id === place)
      if (at && target === 'plan') reaches = true
      for (; at; at = folders.find(one => one.id === at?.parentId))
        if (target === 'folder' && at.id === targetId) reaches = true
    }
    if (reaches) best = Math.max(best, ROLES.indexOf(role))
  }
  return ROLES[best] ?? null
}
