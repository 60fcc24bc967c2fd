import { generateKeyBetween } from 'fractional-indexing'
import type { RowChange } from '../../change/index'
import { inserted, updated } from '../../change/index'
import { message } from '../../history/index'
import type { DocumentId, FolderId } from '../../ids'
import type { DocumentRow, Origin } from '../../rows/index'
import { foldedText } from '../../text/index'
import type { Clash } from '../clash'
import { serverCommand } from '../command'
import { checkName, foldedStem, nameFromFile, nameKey, nextFreeName } from '../name'
import { newFolder } from '../newFolder'
import type { Decision, Moment, Slice } from '../slice'
import { decided, documentPlaceValue, findFolder, isDecision, refuse } from '../slice'
import { keyAfterLast } from './createFolder'
import { IN_ORDER } from '../inOrder'

/** Bytes that are in the store already and become a document, or a version of one. */
export interface NewFile {
  readonly id: DocumentId
  readonly versionId: string
  readonly placementId: string
  readonly fileName: string
  readonly mediaType: string
  readonly size: number
  readonly blobId: string
  readonly changedAt: string
  /** The way in; an upload unless said. */
  readonly origin?: Origin
  readonly sender?: string
  /** The message it came with. */
  readonly partOf?: DocumentId
  /** Where it goes, and what to do with its namesake, when that differs from the others. */
  readonly folderId?: FolderId
  readonly clash?: Clash
}

export interface AddDocuments {
  /** null: the In-tray. */
  readonly folderId: FolderId | null
  readonly clash: Clash
  readonly files: readonly NewFile[]
  /** Made with the files, parents first; parentId null: in folderId. */
  readonly folders?: readonly { readonly id: FolderId; readonly parentId: FolderId | null; readonly name: string }[]
}

/**
 * Makes documents of bytes that are in the store, with the folders they come in, if they come in some. The
 * slice holds the namesakes of the files in their folders, so that a name that is taken is counted up, or the
 * file becomes a new version of its namesake.
 */
function addDocuments(slice: Slice, command: AddDocuments, moment: Moment): Decision {
  const made = foldersFor(slice, command, moment)
  if (isDecision(made)) return made
  const rows: RowChange[] = [...made.rows]
  const namesIn = new Map<string, Map<string, DocumentRow>>()
  const hereIn = (folderId: FolderId): Map<string, DocumentRow> => {
    const known =
      namesIn.get(folderId) ??
      new Map(documentsIn(slice, folderId).map(document => [nameKey(document.name, document.extension), document]))
    namesIn.set(folderId, known)
    return known
  }
  const names: string[] = []
  const fresh = new Set<string>() // of two files of one name, only the first is a new version of what was there
  let versions = 0
  for (const file of command.files) {
    const folderId = file.folderId ?? command.folderId
    if (folderId !== null && !made.isThere(folderId)) return refuse('notFound')
    const here = folderId === null ? null : hereIn(folderId)
    const { name, extension } = nameFromFile(file.fileName)
    const namesake = here?.get(nameKey(name, extension))
    if (namesake && !fresh.has(namesake.id) && (file.clash ?? command.clash) === 'version') {
      rows.push(...newVersion(namesake, file, extension, moment))
      fresh.add(namesake.id)
      names.push(namesake.name)
      versions++
      continue
    }
    const free = here === null ? name : nextFreeName(name, candidate => here.has(nameKey(candidate, extension)))
    const document = newDocument(file, free, extension, moment)
    here?.set(nameKey(free, extension), document)
    fresh.add(document.id)
    rows.push(
      inserted('document', document),
      firstVersion(document, file),
      inserted('placement', { id: file.placementId, documentId: file.id, folderId, home: true, ...IN_ORDER }),
    )
    names.push(free)
  }
  const isLoose = command.files.some(file => !file.folderId)
  const place =
    command.folderId === null && made.rows.length > 0
      ? message(isLoose ? 'topAndInTray' : 'top')
      : documentPlaceValue(slice, command.folderId, moment.locale)
  const [only] = names
  const documents =
    names.length === 1 && only !== undefined
      ? message('named', { name: only })
      : message('documents', { count: names.length })
  const folders = message('folders', { count: made.rows.length })
  const what =
    made.rows.length === 0 ? documents : names.length === 0 ? folders : message('foldersWith', { folders, documents })
  const allNew = versions > 0 && versions === names.length && made.rows.length === 0
  return decided(rows, message(allNew ? 'documents.version' : 'documents.add', { what, place }), [
    command.folderId,
    ...namesIn.keys(),
  ] as (FolderId | null)[])
}

/** The folders that are made with the files, and which folders the files may go to. */
function foldersFor(
  slice: Slice,
  { folderId, folders = [] }: AddDocuments,
  moment: Moment,
): Decision | { rows: RowChange[]; isThere: (id: FolderId) => boolean } {
  if (folderId !== null) {
    const folder = findFolder(slice, folderId)
    if (isDecision(folder)) return folder
  }
  const fresh = new Set<string>()
  const keys = new Map<string | null, string>()
  const rows: RowChange[] = []
  for (const { id, parentId, name } of folders) {
    const checked = checkName(name)
    if (!checked.ok) return checked
    const parent = parentId ?? folderId
    if (parent !== null && !fresh.has(parent)) {
      const found = findFolder(slice, parent)
      if (isDecision(found)) return found
    }
    const last = keys.get(parent)
    const orderKey =
      last === undefined && !(parent !== null && fresh.has(parent))
        ? keyAfterLast(slice, parent)
        : generateKeyBetween(last ?? null, null)
    keys.set(parent, orderKey)
    fresh.add(id)
    rows.push(inserted('folder', newFolder({ id, parentId: parent, name: checked.name, orderKey }, moment)))
  }
  return { rows, isThere: id => fresh.has(id) || slice.folders.get(id)?.trashedAt === null }
}

export function documentsIn(slice: Slice, folderId: string): DocumentRow[] {
  return slice.placements
    .filter(placement => placement.folderId === folderId)
    .flatMap(placement => slice.documents.get(placement.documentId) ?? [])
    .filter(document => document.trashedAt === null)
}

function newDocument(file: NewFile, name: string, extension: string, moment: Moment): DocumentRow {
  return {
    id: file.id,
    name,
    folded: foldedText(name),
    extension,
    mediaType: file.mediaType,
    size: file.size,
    blobId: file.blobId,
    version: 1,
    remark: '',
    createdAt: moment.now,
    changedAt: file.changedAt,
    trashedAt: null,
    trashRoot: null,
    meaningId: null,
    runningNumber: null,
    origin: file.origin ?? 'upload',
    sender: file.sender ?? '',
    copiedFrom: null,
    partOf: file.partOf ?? null,
    filedBy: null,
  }
}

function firstVersion(document: DocumentRow, file: NewFile): RowChange {
  const { id, extension, mediaType, size, blobId, changedAt, createdAt } = document
  return inserted('version', {
    id: file.versionId,
    documentId: id,
    number: 1,
    blobId,
    size,
    mediaType,
    extension,
    changedAt,
    createdAt,
    remark: '',
  })
}

function newVersion(document: DocumentRow, file: NewFile, extension: string, moment: Moment): RowChange[] {
  const { mediaType, size, blobId, changedAt } = file
  const number = document.version + 1
  return [
    inserted('version', {
      id: file.versionId,
      documentId: document.id,
      number,
      blobId,
      size,
      mediaType,
      extension,
      changedAt,
      createdAt: moment.now,
      remark: '',
    }),
    ...updated('document', document, { blobId, size, mediaType, changedAt, version: number }),
  ]
}

export const documentAdd = serverCommand('document.add', {
  needs: ({ folderId, files }) => ({
    namesakes: files.flatMap(file => {
      const to = file.folderId ?? folderId
      return to === null ? [] : [{ folderId: to, ...foldedStem(nameFromFile(file.fileName).name) }]
    }),
  }),
  decide: addDocuments,
  doc: '`folderId` (null: the In-tray), `clash`, `files`, `folders`: bytes that came in by an upload or a device',
})
