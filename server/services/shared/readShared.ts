// What whoever has a link reads: the outline of what was given, its documents, and what a search finds among them.

import { stripesOf } from '../../../core/colour/index'
import { fail } from '../../../core/errors'
import { EMPTY_QUERY } from '../../../core/find/index'
import type { DocumentId, FolderId } from '../../../core/ids'
import { documentCounts, meaningsOf } from '../../db/sql/planRows'
import { noteLinkUse } from '../../db/sql/shareLinks'
import { listDocuments } from '../documents/listDocuments'
import type { DocumentFacts } from '../documents/readDocument'
import { readDocument } from '../documents/readDocument'
import { findDocuments } from '../find/findDocuments'
import type { Scope } from './scope'
import { documentIn, folderIn } from './scope'

interface SharedDocument {
  readonly id: string
  readonly name: string
  readonly extension: string
  readonly size: number
  readonly changedAt: string
}
const shown = ({ id, name, extension, size, changedAt }: SharedDocument): SharedDocument => ({
  id,
  name,
  extension,
  size,
  changedAt,
})

/** The outline of what was given, or the document. That it was opened is counted. */
export async function readShared(scope: Scope, now: Date) {
  const { giver, link, folders, numbered } = scope
  await noteLinkUse(giver.planId, link.id, now)
  const { until } = link
  const [top] = folders
  if (!top) {
    const { document } = await documentIn(scope, link.targetId as DocumentId)
    return { name: document.name, until, folders: [], document: shown(document) }
  }
  const [meanings, counts] = await Promise.all([meaningsOf(null, giver.planId), documentCounts(giver.planId)])
  const inks = new Map<string, string>(meanings.map(({ id, ink }) => [id, ink]))
  const countOf = new Map(counts.map(({ folderId, count }) => [folderId, count]))
  return {
    name: top.name,
    until,
    document: null,
    folders: folders.map(({ id, parentId, name, purpose }) => ({
      id,
      parentId: id === top.id ? null : parentId,
      name,
      code: numbered.codes.get(id)?.code ?? '',
      purpose,
      ink: inks.get(stripesOf(numbered.tree, id).at(-1) ?? '') ?? null,
      count: countOf.get(id) ?? 0,
    })),
  }
}

const PAGE = 200

/** Throws notFound for a folder that does not lie in it. */
export async function listShared(scope: Scope, folderId: FolderId, cursor: string | null) {
  const how = { sort: 'name', descending: false, limit: PAGE } as const
  const { documents, next } = await listDocuments(scope.giver, {
    folderId: folderIn(scope, folderId).id,
    cursor,
    ...how,
  })
  return { documents: documents.map(shown), next }
}

const FOUND = 50

/**
 * Only what lies in it is looked at, and words are taken as they are typed: what they are nearly, or could mean, would
 * tell of the rest of the plan. Throws notFound where a document was given.
 */
export async function findShared(scope: Scope, q: string) {
  const { giver, link, folders } = scope
  if (link.target === 'document') fail('notFound')
  const inside = new Set<string>(folders.map(({ id }) => id))
  const { documents } = await findDocuments(giver, {
    ...EMPTY_QUERY,
    q,
    rule: { kind: 'all', rules: [{ kind: 'place', folderId: link.targetId as FolderId, below: true }] },
    typing: true,
    exact: true,
    near: null,
    cursor: null,
    limit: FOUND,
  })
  return {
    documents: documents.map(found => ({
      ...shown(found),
      folderId: found.folderIds.find(id => id !== null && inside.has(id)) ?? null,
      passage: found.passage?.text ?? '',
    })),
  }
}

/** A document without what is the giver's own: places, tags, remark, sender, what it came with, earlier versions. */
export async function readSharedDocument(scope: Scope, id: DocumentId): Promise<DocumentFacts> {
  await documentIn(scope, id)
  const facts = await readDocument(scope.giver, id)
  const own = { remark: '', meaningId: null, runningNumber: null, sender: '', copiedFrom: null, partOf: null }
  const lists = { filedBy: null, together: [], tagIds: [], folderIds: [], versions: [] }
  return { ...facts, ...own, ...lists, starred: false, origin: 'upload' }
}
