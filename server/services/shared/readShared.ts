// What whoever has a link or a grant reads: the outline of what was given, its documents, and what a search finds
// among them.

import { meaningOf } from '../../../core/colour/index'
import { fail } from '../../../core/errors'
import type { Rule } from '../../../core/find/index'
import { EMPTY_QUERY, shownWords } from '../../../core/find/index'
import type { DocumentId, FolderId } from '../../../core/ids'
import { branchOf, outlineOf } from '../../../core/tree/index'
import { documentCounts, meaningsOf, numberingOf, tagsOf } from '../../db/sql/planRows'
import { listDocuments } from '../documents/listDocuments'
import type { DocumentFacts } from '../documents/readDocument'
import { readDocument } from '../documents/readDocument'
import { checkLength, findDocuments } from '../find/findDocuments'
import { numberedFolders } from '../plan/planFolders'
import { changeable } from './changeShared'
import type { Scope } from './scope'
import { documentIn, folderIn, isIn } from './scope'

interface SharedDocument {
  readonly id: string
  readonly name: string
  readonly extension: string
  readonly size: number
  readonly changedAt: string
}
const shown = ({ id, name, extension, size, changedAt }: SharedDocument, may: ReadonlySet<string>) => ({
  id,
  name,
  extension,
  size,
  changedAt,
  changeable: may.has(id),
})

/** The outline of what was given, or the document. That it was opened is counted. */
export async function readShared(scope: Scope, now: Date) {
  const { giver, target, targetId, top, plan, until, note, role, viewer, isOwn, planName } = scope
  await scope.noteUse(now)
  const facts = { until, note, role, isOwn, from: viewer?.from ?? null }
  if (target === 'document') {
    const document = await documentIn(scope, targetId as DocumentId)
    const may = await changeable(scope, [document.id])
    return { ...facts, name: document.name, folders: [], document: shown(document, may) }
  }
  const [numbering, meanings, counts] = await Promise.all([
    numberingOf(giver.planId),
    meaningsOf(null, giver.planId),
    documentCounts(giver.planId),
  ])
  const { tree, codes } = numberedFolders(plan, numbering ?? fail('link.gone'))
  const inks = new Map<string, string>(meanings.map(({ id, ink }) => [id, ink]))
  const countOf = new Map(counts.map(({ folderId, count }) => [folderId, count]))
  return {
    ...facts,
    name: top?.name ?? planName,
    document: null,
    folders: (top ? branchOf(tree, top.id) : outlineOf(tree).map(({ folder }) => folder)).map(
      ({ id, parentId, name, purpose }) => ({
        id,
        parentId: id === top?.id ? null : parentId,
        name,
        code: codes.get(id)?.code ?? '',
        purpose,
        ink: inks.get(meaningOf(tree, id) ?? '') ?? null,
        count: countOf.get(id) ?? 0,
      }),
    ),
  }
}

const PAGE = 200

/** Throws notFound for a folder that does not lie in it. */
export async function listShared(scope: Scope, id: FolderId, cursor: string | null) {
  const folderId = folderIn(scope, id)
  const request = { folderId, cursor, sort: 'name', descending: false, limit: PAGE } as const
  const { documents, first, next } = await listDocuments(scope.giver, request)
  const may = await changeable(scope, idsOf(documents))
  return { documents: documents.map(document => shown(document, may)), first, next }
}

const FOUND = 50

/** Below a folder; null: anywhere but in the In-tray. */
const placeRule = (folderId: FolderId | null): Rule =>
  folderId === null
    ? { kind: 'none', rules: [{ kind: 'place', folderId: null, below: true }] }
    : { kind: 'place', folderId, below: true }

const idsOf = (documents: readonly { readonly id: string }[]) => documents.map(({ id }) => id as DocumentId)

/**
 * Only names and contents of what lies in it are looked at, and words are taken as they are typed: what they are
 * nearly, or could mean, would tell of the rest of the plan. Throws notFound where a document was given.
 */
export async function findShared(scope: Scope, typed: string) {
  const { giver, target, top } = scope
  if (target === 'document') fail('notFound')
  checkLength(typed)
  const tags = await tagsOf(null, giver.planId)
  const words = shownWords(
    typed,
    tags.map(({ folded }) => folded),
  )
  if (words.length === 0) return { documents: [] }
  const { documents } = await findDocuments(giver, {
    ...EMPTY_QUERY,
    rule: { kind: 'all', rules: [placeRule(top?.id ?? null), ...words] },
    typing: false,
    exact: true,
    near: null,
    cursor: null,
    limit: FOUND,
  })
  const may = await changeable(scope, idsOf(documents))
  return {
    documents: documents.map(found => ({
      ...shown(found, may),
      folderId: found.folderIds.find(id => isIn(scope, id)) ?? null,
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
