// The people around Tern Quay: what they are given, and what they give to the office. Nothing here is drawn by chance,
// so that the plan of the office stays as it is.

import type { DocumentId, FolderId, GrantId, GroupId, PersonId } from '../core/ids'
import { mediaTypeOf } from '../core/formats/index'
import type { Command } from '../core/plan/index'
import type { Role } from '../core/rows/index'
import { requestAccess } from '../server/services/access/accessRequests'
import { createAccount } from '../server/services/account/createAccount'
import type { Actor } from '../server/services/actor'
import { newId } from '../server/services/actor'
import { applyCommand } from '../server/services/changes/applyCommand'
import { listDocuments } from '../server/services/documents/listDocuments'
import { storeFile } from '../server/services/documents/storeFile'
import { offerThing } from '../server/services/handovers/offers'
import { lockThings } from '../server/services/locks/locks'
import { readOutline } from '../server/services/plan/readOutline'
import { renderFile } from './files'

const MADE = new Date('2026-10-01T08:00:00Z')
const GIVEN = new Date('2026-11-20T09:00:00Z')
const HAND_IN = '2026-12-18T22:59:59.000Z'

interface SmallFolder {
  readonly name: string
  readonly purpose?: string
  /** Names of papers with their sentences. */
  readonly papers: Readonly<Record<string, readonly string[]>>
}

const COMMITTEE: readonly SmallFolder[] = [
  {
    name: 'Agenda and minutes',
    purpose: 'What the committee talked about, and what it decided.',
    papers: {
      'Agenda December': ['Storm gate: who turns the key.', 'Dues of 2027.', 'The east ladder, again.'],
      'Minutes November': [
        'The dues stay as they are.',
        'The gate is greased before the frost.',
        'Odo sees to the ladder.',
      ],
    },
  },
  {
    name: 'Tide tables',
    papers: {
      'Tides January 2027': ['Highest water on the 22nd, 13:40.', 'Lowest water on the 23rd, 07:55.'],
      'Tides February 2027': ['Highest water on the 20th, 12:50.', 'Lowest water on the 21st, 07:10.'],
    },
  },
]
const PER: readonly SmallFolder[] = [
  {
    name: 'Knots I know',
    purpose: 'With a drawing each.',
    papers: { 'Bowline, my way': ['Loop, through, around, back.'] },
  },
  { name: 'To practise', papers: { 'Three splices': ['Eye splice: five tucks.', 'Short splice: patience.'] } },
]

/** What opens the locked folder of the demo; its purpose says so to whoever looks around. */
const PASSPHRASE = 'seven lamps on the pier'
const STAFF: readonly SmallFolder[] = [
  {
    name: 'Staff matters',
    purpose: `Pay and notices, locked. The passphrase of this demo is “${PASSPHRASE}”.`,
    papers: {
      'Pay of the season': ['The launch is paid by the tide.', 'Sundays count twice from May on.'],
      'Notice, night watch': ['The night watch ends with October.'],
    },
  },
]

/** Makes the others, with plans of their own, and lets them and the office give each other things. */
export async function seedPeople(office: Actor, log: (line: string) => void): Promise<void> {
  const person = (name: string, planName: string, hasButton = true) =>
    createAccount(
      { name, planName, isDemo: hasButton, email: `${addressOf(name)}@hembix.example`, password: newId() + newId() },
      MADE,
    )
  const per = await person('Per Aske', 'Per’s knots')
  const sanna = await person('Sanna Roke', 'Harbour committee')
  const odo = await person('Odo Lind', 'My plan', false)
  const thea = await person('Thea Brandt', 'My plan', false)
  await folders(per, PER)
  await folders(sanna, COMMITTEE)

  const evening = await group(office, 'Evening class', [per, odo, thea])
  const committee = await group(office, 'Harbour committee', [sanna, odo])
  const { folders: all } = await readOutline(office)
  const find = (name: string) => all.find(folder => folder.name === name)?.id ?? ''
  await give(
    office,
    find('Handouts'),
    [{ who: 'group', whoId: evening }],
    'read',
    'For Thursday, please bring it printed.',
  )
  await give(office, find('Meetings'), [{ who: 'group', whoId: committee }], 'read', '')
  await give(
    office,
    find('Site diary'),
    [{ who: 'person', whoId: per.accountId }],
    'add',
    'One page for each day you work there.',
  )
  await give(
    office,
    find('Regatta 2027'),
    [{ who: 'person', whoId: sanna.accountId }],
    'edit',
    'Yours as much as mine.',
  )
  await readyAreas(office, [find('Handouts'), find('Site diary')])
  await folders(office, STAFF, find('Quay office') as FolderId)
  await lockStaff(office)
  await handOut(office, evening, find('Ropework class'), per)
  await requestAccess(thea, find('Lesson plans'), 'I missed week three.', GIVEN)
  const { plan } = await readOutline(sanna)
  await act(sanna, {
    ...{ kind: 'grant.give', role: 'edit' },
    grants: [{ ...to({ who: 'person', whoId: office.accountId }), target: 'plan', targetId: plan.id }],
    note: 'The agenda for December is in it.',
  })
  await offerPractice(per, office)
  log('the demo has three people to open it as')
}

interface Grantee {
  readonly who: 'person' | 'group'
  readonly whoId: string
}
const to = ({ who, whoId }: Grantee) => ({ id: newId<GrantId>(), who, whoId })
const addressOf = (name: string) => name.toLowerCase().replace(' ', '.')
const act = (actor: Actor, command: Command) => applyCommand(actor, newId(), command, GIVEN, 'later')

async function group(actor: Actor, name: string, people: readonly Actor[]): Promise<GroupId> {
  const id = newId<GroupId>()
  await act(actor, { kind: 'group.set', id, name, add: people.map(one => one.accountId as PersonId), remove: [] })
  return id
}

function give(
  actor: Actor,
  folderId: string,
  grantees: readonly Grantee[],
  role: Role,
  note: string,
): Promise<unknown> {
  const grants = grantees.map(one => ({ ...to(one), target: 'folder' as const, targetId: folderId }))
  return act(actor, { kind: 'grant.give', grants, role, note })
}

/** Where things are put for others; in the first one some of its documents stand before the others. */
async function readyAreas(actor: Actor, ids: readonly string[]): Promise<void> {
  for (const id of ids) await act(actor, { kind: 'folder.area', id: id as FolderId, on: true })
  const [folderId = ''] = ids
  const list = { folderId, sort: 'name', descending: false, cursor: null, limit: 2 } as const
  const { documents } = await listDocuments(actor, list)
  const documentIds = documents.map(({ id }) => id as DocumentId)
  await act(actor, { kind: 'document.first', folderId: folderId as FolderId, documentIds, on: true })
}

/** Waits in the In-tray of the office, to be taken over. */
async function offerPractice(from: Actor, taker: Actor): Promise<void> {
  const { folders: all } = await readOutline(from)
  const targetId = all.find(({ name }) => name === 'To practise')?.id ?? ''
  const offer = {
    id: newId(),
    target: 'folder',
    targetId,
    personId: taker.accountId as PersonId,
    role: 'read',
  } as const
  await offerThing(from, { ...offer, note: 'They are practised in class now, so they are better off with you.' }, GIVEN)
}

async function lockStaff(actor: Actor): Promise<void> {
  const { folders: all } = await readOutline(actor)
  const folderId = all.find(({ name }) => name === STAFF[0]?.name)?.id ?? null
  await lockThings(actor, newId(), { documentIds: [], folderId }, PASSPHRASE, GIVEN)
}

/** Each of the class has a folder for their answers; one has handed in. */
async function handOut(office: Actor, groupId: GroupId, parentId: string, early: Actor): Promise<void> {
  const made = { id: newId<FolderId>(), name: 'Test: three knots', documentIds: [] } as const
  const where = { groupId, parentId: parentId as FolderId, until: HAND_IN }
  await act(office, { kind: 'group.handOut', ...made, ...where })
  const { folders: all } = await readOutline(office)
  const own = all.find(folder => folder.parentId === made.id && folder.name === early.name)
  if (own)
    await file({ ...early, planId: office.planId }, own.id, {
      'Three knots, drawn': ['Bowline. Reef knot. Sheet bend.'],
    })
}

async function folders(actor: Actor, some: readonly SmallFolder[], parentId: FolderId | null = null): Promise<void> {
  for (const { name, purpose, papers } of some) {
    const id = newId<FolderId>()
    await act(actor, { kind: 'folder.create', id, parentId, name, allowTwin: false })
    if (purpose) await act(actor, { kind: 'folder.describe', id, purpose })
    await file(actor, id, papers)
  }
}

async function file(actor: Actor, folderId: FolderId, papers: SmallFolder['papers']): Promise<void> {
  const files = await Promise.all(
    Object.entries(papers).map(async ([title, paragraphs]) => {
      const paper = { name: title, title, format: 'odt', date: GIVEN, paragraphs, table: [] } as const
      const { id: blobId, size } = await storeFile(actor.planId, await renderFile(paper))
      return {
        ...{ id: newId<DocumentId>(), versionId: newId(), placementId: newId(), blobId, size },
        ...{ fileName: `${title}.odt`, mediaType: mediaTypeOf('odt'), changedAt: GIVEN.toISOString() },
      }
    }),
  )
  await act(actor, { kind: 'document.add', folderId, clash: 'both', files })
}
