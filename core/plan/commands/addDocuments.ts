import type { RowChange } from '../../change/index'
import { counted, inserted, quoted, updated } from '../../change/index'
import { foldedText } from '../../text/index'
import type { Command, NewFile } from '../command'
import { nameFromFile, nameKey, nextFreeName } from '../name'
import type { DocumentRow } from '../../rows/index'
import type { Decision, Moment, Slice } from '../slice'
import { decided, documentPlaceText, findFolder, isDecision } from '../slice'

/**
 * Makes documents of bytes that are in the store. The slice holds the documents of the folder, so
 * that a name that is taken is counted up, or the file becomes a new version of its namesake.
 */
export function addDocuments(slice: Slice, command: Extract<Command, { kind: 'document.add' }>, moment: Moment): Decision {
  const { folderId } = command
  if (folderId !== null) {
    const folder = findFolder(slice, folderId)
    if (isDecision(folder)) return folder
  }
  const here = new Map<string, DocumentRow>()
  for (const document of folderId === null ? [] : documentsIn(slice, folderId)) here.set(nameKey(document.name, document.extension), document)
  const rows: RowChange[] = []
  const names: string[] = []
  let versions = 0
  for (const file of command.files) {
    const { name, extension } = nameFromFile(file.fileName)
    const namesake = here.get(nameKey(name, extension))
    if (namesake && command.clash === 'version') {
      rows.push(...newVersion(namesake, file, extension, moment))
      names.push(namesake.name)
      versions++
      continue
    }
    const free = folderId === null ? name : nextFreeName(name, candidate => here.has(nameKey(candidate, extension)))
    const document = newDocument(file, free, extension, moment)
    here.set(nameKey(free, extension), document)
    rows.push(inserted('document', document), firstVersion(document, file), inserted('placement', { id: file.placementId, documentId: file.id, folderId, home: true }))
    names.push(free)
  }
  const where = documentPlaceText(slice, folderId, moment.locale)
  const [only] = names
  const what = names.length === 1 && only !== undefined ? quoted(only) : counted(names.length, 'document')
  return decided(rows, versions === names.length ? `New version of ${what} in ${where}` : `Added ${what} to ${where}`, [folderId])
}

export function documentsIn(slice: Slice, folderId: string): DocumentRow[] {
  return slice.placements.filter(placement => placement.folderId === folderId)
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
  return inserted('version', { id: file.versionId, documentId: id, number: 1, blobId, size, mediaType, extension, changedAt, createdAt, remark: '' })
}

function newVersion(document: DocumentRow, file: NewFile, extension: string, moment: Moment): RowChange[] {
  const { mediaType, size, blobId, changedAt } = file
  const number = document.version + 1
  return [
    inserted('version', { id: file.versionId, documentId: document.id, number, blobId, size, mediaType, extension, changedAt, createdAt: moment.now, remark: '' }),
    ...updated('document', document, { blobId, size, mediaType, changedAt, version: number }),
  ]
}
