// What a mailbox, a message or an archive holds becomes documents of their own, beside it, as one Change.

import { fail } from '../../../core/errors'
import { holdsOf, mayHoldOf, mediaTypeOf, sizeText } from '../../../core/formats/index'
import type { DocumentId, FolderId } from '../../../core/ids'
import type { NewFile, NewFolder } from '../../../core/plan/index'
import { foldersOfPaths, nameFromFile } from '../../../core/plan/index'
import { documentById } from '../../db/sql/documentFacts'
import type { JournalEntry } from '../../db/sql/journal'
import { entryById } from '../../db/sql/journal'
import { placementsOf } from '../../db/sql/planRows'
import { checkQuota } from '../account/quota'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'
import { openBytes } from '../locks/openLocks'
import { READING_LIMIT_BYTES } from '../reading/keepReading'
import { checkFolder } from './addUpload'
import { storeFile } from './storeFile'

/** Opens a document in a process of its own, given by whoever calls. */
export type OpenContents = (
  owner: string,
  extension: string,
  content: AsyncIterable<Uint8Array>,
) => Promise<
  | { readonly ok: true; readonly files: readonly { readonly path: string; readonly bytes: Uint8Array }[] }
  | { readonly ok: false; readonly reason: string }
>

// Up to so many lie beside it; more get a folder of their own, called like it.
const BESIDE = 3
// So many at once are read behind what comes singly.
const MANY = 50

/**
 * Throws notFound, lock.closed, contents.none, contents.large, contents.unreadable, quota.full, folder.inTrash. Asked
 * again with the same key, the first answer is given.
 */
export async function takeOut(
  actor: Actor,
  id: string,
  changeId: string,
  open: OpenContents,
  now: Date,
): Promise<JournalEntry> {
  const earlier = await entryById(null, actor.planId, changeId)
  if (earlier) return earlier
  const document = (await documentById(actor.planId, id)) ?? fail('notFound')
  const { name, extension, size, blobId } = document
  const always = holdsOf(extension)
  const holds = always ?? mayHoldOf(extension) ?? fail('contents.none', { name })
  if (size > READING_LIMIT_BYTES) fail('contents.large', { name, limit: sizeText(READING_LIMIT_BYTES) })
  const [placement] = await placementsOf(null, actor.planId, [id])
  const folderId = (placement?.folderId ?? null) as FolderId | null
  await checkFolder(actor, folderId)
  const { read } = await openBytes(actor, blobId)
  const opened = await open(actor.planId, extension, read(0, size - 1))
  if (!opened.ok) fail('contents.unreadable', { why: opened.reason })
  const { files: held } = opened
  if (held.length === 0) fail('contents.none', { name })
  await checkQuota(
    actor,
    held.reduce((sum, { bytes }) => sum + bytes.length, 0),
  )
  const { folders, folderIds } = laidOut(
    held.map(({ path }) => path),
    name,
    folderId === null,
  )
  const files: NewFile[] = []
  for (const [index, { path, bytes }] of held.entries()) {
    const fileName = path.slice(path.lastIndexOf('/') + 1)
    const stored = await storeFile(actor.planId, Buffer.from(bytes))
    const within = folderIds[index] ?? null
    files.push({
      id: newId<DocumentId>(),
      versionId: newId(),
      placementId: newId(),
      fileName,
      mediaType: mediaTypeOf(nameFromFile(fileName).extension),
      size: stored.size,
      blobId: stored.id,
      changedAt: document.changedAt,
      origin: always === null || always === 'files' ? 'upload' : 'mail',
      sender: document.sender,
      ...(holds === 'attachments' ? { partOf: id as DocumentId } : {}),
      ...(within === null ? {} : { folderId: within }),
    })
  }
  const command = { kind: 'document.add', folderId, clash: 'both', folders, files } as const
  return applyCommand(actor, changeId, command, now, files.length > MANY ? 'later' : 'now')
}

/** The folders that are made, and for each file its folder. What lies in the In-tray stays in it, without folders. */
function laidOut(
  paths: readonly string[],
  name: string,
  inTray: boolean,
): { readonly folders: readonly NewFolder[]; readonly folderIds: readonly (FolderId | null)[] } {
  if (inTray) return { folders: [], folderIds: [] }
  const isFew = paths.length <= BESIDE && paths.every(path => !path.includes('/'))
  const named = paths.map(path => path.split('/').map(part => nameFromFile(`${part}.x`).name))
  const laid = isFew ? paths : named.map(parts => [name, ...parts].join('/'))
  // None of them is there already: the first folder is called like the document, counted up where that is taken.
  return foldersOfPaths(
    laid,
    () => [],
    () => newId<FolderId>(),
  )
}
