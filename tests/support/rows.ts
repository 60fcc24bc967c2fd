// Rows and slices as tests of core begin with them: everything unsaid is as a new row has it.

import type { State } from '../../core/change/index'
import type { DocumentId, FolderId, PersonId } from '../../core/ids'
import { PLAIN_NUMBERING } from '../../core/numbering/index'
import type { Slice } from '../../core/plan/index'
import type { DocumentRow, FolderRow, PlanRow } from '../../core/rows/index'
import { foldedText } from '../../core/text/index'

export const NOW = '2026-03-01T00:00:00.000Z'
export const PLAN: PlanRow = {
  id: 'plan',
  name: 'Plan',
  numbering: PLAIN_NUMBERING,
  childOrder: 'number',
  trashDays: 60,
  areasOnly: false,
}

/** People of whom a command may speak. */
export const PEOPLE = [
  { id: 'owner' as PersonId, name: 'Ida Fenn' },
  { id: 'per' as PersonId, name: 'Per Aske' },
  { id: 'sanna' as PersonId, name: 'Sanna Roke' },
]

export function folderRow(id: string, more: Partial<FolderRow> = {}): FolderRow {
  const name = more.name ?? id
  return {
    id: id as FolderId,
    parentId: null,
    name,
    folded: foldedText(name),
    orderKey: `a${id}`,
    number: null,
    numberFixed: false,
    label: null,
    numbered: true,
    first: false,
    pinned: false,
    area: false,
    registering: false,
    numbering: null,
    childOrder: 'number',
    meaningId: null,
    purpose: '',
    remark: '',
    namePattern: null,
    createdAt: NOW,
    trashedAt: null,
    trashRoot: null,
    ...more,
  }
}

export function documentRow(id: string, more: Partial<DocumentRow> = {}): DocumentRow {
  const name = more.name ?? id
  return {
    id: id as DocumentId,
    name,
    folded: foldedText(name),
    extension: 'txt',
    mediaType: 'text/plain',
    size: 1,
    blobId: `blob-${id}`,
    version: 1,
    remark: '',
    meaningId: null,
    runningNumber: null,
    origin: 'upload',
    sender: '',
    copiedFrom: null,
    partOf: null,
    filedBy: null,
    createdAt: NOW,
    changedAt: NOW,
    trashedAt: null,
    trashRoot: null,
    ...more,
  }
}

export const EMPTY: State = {
  plan: new Map([[PLAN.id, PLAN]]),
  meaning: new Map(),
  tag: new Map(),
  folder: new Map(),
  document: new Map(),
  version: new Map(),
  placement: new Map(),
  star: new Map(),
  tagging: new Map(),
  standing_order: new Map(),
  kept_search: new Map(),
  bundle: new Map(),
  bundle_item: new Map(),
  share_link: new Map(),
  person_group: new Map(),
  group_member: new Map(),
  access_grant: new Map(),
}

/** All of a state as a command sees it. */
export function sliceOf(state: State, serials: ReadonlyMap<string, number> = new Map()): Slice {
  const plan = state.plan.get(PLAN.id)
  if (!plan) throw new Error('The plan is gone.')
  return {
    revision: 1,
    plan,
    folders: state.folder,
    documents: state.document,
    placements: [...state.placement.values()],
    stars: state.star,
    meanings: state.meaning,
    tags: state.tag,
    taggings: [...state.tagging.values()],
    versions: [...state.version.values()],
    orders: state.standing_order,
    searches: state.kept_search,
    bundles: state.bundle,
    links: state.share_link,
    groups: state.person_group,
    members: [...state.group_member.values()],
    grants: state.access_grant,
    people: new Map(PEOPLE.map(person => [person.id, person])),
    ownerId: 'owner' as PersonId,
    bundleItems: [...state.bundle_item.values()],
    serials,
  }
}
