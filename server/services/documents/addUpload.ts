import { fail } from '../../../core/errors'
import { mediaTypeOf, sizeText } from '../../../core/formats/index'
import type { DocumentId, FolderId } from '../../../core/ids'
import { foldedStem, nameFromFile, nameKey } from '../../../core/plan/index'
import type { Clash } from '../../../core/plan/index'
import type { Origin } from '../../../core/rows/index'
import type { StoredBlob } from '../../db/blobStore'
import { blobStore, TooLarge } from '../../db/blobStore'
import { documentById } from '../../db/sql/documentFacts'
import type { JournalEntry } from '../../db/sql/journal'
import { namesakesOf } from '../../db/sql/namesakes'
import { folderById } from '../../db/sql/planRows'
import { checkQuota } from '../account/quota'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'
import { isLostConnection } from './lostConnection'

export interface Upload {
  readonly changeId: string
  readonly documentId: DocumentId
  /** null: the In-tray. */
  readonly folderId: FolderId | null
  readonly fileName: string
  readonly changedAt: string
  readonly clash: Clash
  readonly origin?: Origin
  readonly sender?: string
  readonly bytes: AsyncIterable<Uint8Array>
  /** As the client announced it; null when it did not. */
  readonly announcedBytes: number | null
}

const UPLOAD_LIMIT_BYTES = 1024 ** 3

export function uploadLimit(): number {
  const set = Number(process.env.HEMBIX_UPLOAD_LIMIT_BYTES)
  return Number.isInteger(set) && set > 0 ? set : UPLOAD_LIMIT_BYTES
}

/**
 * Streams a file into the store and makes it a document, or a new version of its namesake, in one
 * Change. Throws upload.large, upload.short, notFound and folder.inTrash; then nothing is kept.
 */
export async function addUpload(actor: Actor, upload: Upload, now: Date): Promise<JournalEntry> {
  const { extension } = nameFromFile(upload.fileName)
  refuseTooLarge(upload)
  await checkFolder(actor, upload.folderId)
  const blob = await takeBytes(actor, upload)
  return applyCommand(
    actor,
    upload.changeId,
    {
      kind: 'document.add',
      folderId: upload.folderId,
      clash: upload.clash,
      files: [
        {
          id: upload.documentId,
          versionId: newId(),
          placementId: newId(),
          fileName: upload.fileName,
          mediaType: mediaTypeOf(extension),
          size: blob.size,
          blobId: blob.id,
          changedAt: upload.changedAt,
          origin: upload.origin ?? 'upload',
          sender: upload.sender ?? '',
        },
      ],
    },
    now,
  )
}

export interface Rewriting {
  readonly changeId: string
  readonly fileName: string
  readonly changedAt: string
  /** Written in Hembix, not brought in. */
  readonly written: boolean
  readonly bytes: AsyncIterable<Uint8Array>
  readonly announcedBytes: number | null
}

/** Throws notFound, also for a document of another plan. */
export async function checkDocument(actor: Actor, documentId: string): Promise<void> {
  if (!(await documentById(actor.planId, documentId))) fail('notFound')
}

/**
 * New contents for a document, as a version of it. Throws upload.large, upload.short, notFound, document.inTrash,
 * act.nothing.
 */
export async function addVersion(
  actor: Actor,
  documentId: DocumentId,
  given: Rewriting,
  now: Date,
): Promise<JournalEntry> {
  const { extension } = nameFromFile(given.fileName)
  refuseTooLarge(given)
  await checkDocument(actor, documentId)
  await checkQuota(actor, given.announcedBytes ?? 0)
  const blob = await takeBytes(actor, given)
  return applyCommand(
    actor,
    given.changeId,
    {
      kind: 'document.write',
      id: documentId,
      written: given.written,
      file: {
        versionId: newId(),
        blobId: blob.id,
        size: blob.size,
        mediaType: mediaTypeOf(extension),
        extension,
        changedAt: given.changedAt,
      },
    },
    now,
  )
}

type Incoming = Pick<Upload, 'fileName' | 'bytes' | 'announcedBytes'>

function refuseTooLarge({ fileName, announcedBytes }: Incoming): void {
  if ((announcedBytes ?? 0) > uploadLimit()) tooLarge(fileName)
}

function tooLarge(fileName: string): never {
  return fail('upload.large', { name: nameFromFile(fileName).name, limit: sizeText(uploadLimit()) })
}

function takeBytes({ planId }: Actor, given: Incoming): Promise<StoredBlob> {
  return blobStore
    .write(planId, newId(), whole(given, nameFromFile(given.fileName).name), uploadLimit())
    .catch((error: unknown) => {
      if (error instanceof TooLarge) tooLarge(given.fileName)
      throw error
    })
}

/** The stream, which fails when it ends before what was announced. */
async function* whole(upload: Incoming, name: string): AsyncGenerator<Uint8Array> {
  let size = 0
  try {
    for await (const part of upload.bytes) {
      size += part.length
      yield part
    }
  } catch (error) {
    if (isLostConnection(error)) fail('upload.short', { name })
    throw error
  }
  if (upload.announcedBytes !== null && size < upload.announcedBytes) fail('upload.short', { name })
}

/** Throws notFound, folder.inTrash. */
export async function checkFolder(actor: Actor, folderId: FolderId | null): Promise<void> {
  if (folderId === null) return
  const folder = await folderById(actor.planId, folderId)
  if (!folder) fail('notFound')
  if (folder.trashedAt !== null) fail('folder.inTrash', { name: folder.name })
}

/** Which of the files would meet a document of the same name and type in the folder; the In-tray takes everything. */
export async function findClashes(
  actor: Actor,
  folderId: FolderId | null,
  fileNames: readonly string[],
): Promise<{ fileName: string; twin: string; documentId: string }[]> {
  if (folderId === null) return []
  const named = fileNames.map(fileName => ({ fileName, ...nameFromFile(fileName) }))
  const found = await namesakesOf(
    null,
    actor.planId,
    named.map(({ name }) => ({ folderId, ...foldedStem(name) })),
  )
  const here = new Map(found.map(row => [nameKey(row.name, row.extension), row]))
  return named.flatMap(({ fileName, name, extension }) => {
    const twin = here.get(nameKey(name, extension))
    return twin ? [{ fileName, twin: twin.name, documentId: twin.id }] : []
  })
}
