import { fail } from '../../../core/errors'
import { isReadable } from '../../../core/formats/index'
import type { DocumentRow, VersionRow } from '../../../core/rows/index'
import { documentById, togetherWith, versionsOf } from '../../db/sql/documentFacts'
import { placementsOf, starsAmong } from '../../db/sql/planRows'
import { tagsOfDocument } from '../../db/sql/documentList'
import type { Language, PartKind, PartName } from '../../../core/text/index'
import type { NamedPage } from '../../db/sql/reading'
import { pagesOf, partNamesOf, readingOf } from '../../db/sql/reading'
import { scansLeft, wordsOfPages } from '../../db/sql/scans'
import type { PageWords } from '../../db/sql/scans'
import type { Actor } from '../actor'
import { lockOfBytes } from '../locks/openLocks'

/** Without what only the server deals with. */
type Shown = Omit<DocumentRow, 'folded' | 'blobId' | 'trashRoot'>
type ShownVersion = Pick<VersionRow, 'number' | 'size' | 'extension' | 'changedAt' | 'createdAt' | 'remark'>

export interface DocumentFacts extends Shown {
  /** Its places, home first; null is the In-tray. */
  readonly folderIds: readonly (string | null)[]
  readonly starred: boolean
  readonly tagIds: readonly string[]
  /** The message it came with and what else did, or its attachments. */
  readonly together: readonly { readonly id: string; readonly name: string; readonly extension: string }[]
  readonly versions: readonly ShownVersion[]
  /** What seals its contents; null: nothing. */
  readonly lockId: string | null
  readonly reading: {
    readonly state: 'none' | 'waiting' | 'reading' | 'read' | 'failed' | 'locked'
    readonly reason: string | null
    readonly pages: number
    readonly paged: boolean
    readonly title: string
    readonly author: string
    readonly language: Language | null
    readonly parts: readonly { readonly kind: PartKind; readonly count: number }[]
    /** Pages whose text is still being recognised. */
    readonly scansLeft: number
  }
}

/** One document with all that its card shows. Throws notFound, also for a document of another plan. */
export async function readDocument(actor: Actor, id: string): Promise<DocumentFacts> {
  const document = (await documentById(actor.planId, id)) ?? fail('notFound')
  const [placements, stars, versions, reading, tagIds, together, left, lock] = await Promise.all([
    placementsOf(null, actor.planId, [id]),
    starsAmong(null, actor.planId, [id]),
    versionsOf(actor.planId, id),
    readingOf(document.blobId),
    tagsOfDocument(actor.planId, id),
    togetherWith(actor.planId, document.partOf ?? id, id),
    scansLeft(document.blobId),
    lockOfBytes(actor, document.blobId),
  ])
  // Its lock is open, and its words are read at this moment.
  const isBeingRead = lock?.isOpen === true && lock.text === null && isReadable(document.extension)
  return {
    ...shown(document),
    folderIds: placements.map(placement => placement.folderId),
    starred: stars.length > 0,
    tagIds,
    together,
    versions: versions.map(({ number, size, extension, changedAt, createdAt, remark }) => ({
      number,
      size,
      extension,
      changedAt,
      createdAt,
      remark,
    })),
    lockId: lock?.lockId ?? null,
    reading: {
      ...(lock?.text?.reading ??
        (isBeingRead ? undefined : reading) ?? {
          state: isBeingRead ? 'reading' : 'none',
          reason: null,
          pages: 0,
          paged: false,
          title: '',
          author: '',
          language: null,
          parts: [],
        }),
      scansLeft: left,
    },
  }
}

function shown({
  id,
  name,
  extension,
  mediaType,
  size,
  version,
  remark,
  meaningId,
  runningNumber,
  origin,
  sender,
  copiedFrom,
  partOf,
  filedBy,
  createdAt,
  changedAt,
  trashedAt,
}: DocumentRow): Shown {
  return {
    id,
    name,
    extension,
    mediaType,
    size,
    version,
    remark,
    meaningId,
    runningNumber,
    origin,
    sender,
    copiedFrom,
    partOf,
    filedBy,
    createdAt,
    changedAt,
    trashedAt,
  }
}

const TEXT_PAGES = 40
const NAMED_PARTS = 2000

/** The text that was read, some pages at a time; `next` is the page to go on with. */
export async function readText(
  actor: Actor,
  id: string,
  from: number,
): Promise<{ pages: NamedPage[]; parts: (PartName & { page: number })[]; next: number | null }> {
  const document = (await documentById(actor.planId, id)) ?? fail('notFound')
  const opened = (await lockOfBytes(actor, document.blobId))?.text
  const [found, parts] = opened
    ? [
        opened.pages.filter(({ page }) => page >= from).slice(0, TEXT_PAGES + 1),
        from === 1 ? opened.pages.slice(0, NAMED_PARTS).map(({ page, kind, name }) => ({ page, kind, name })) : [],
      ]
    : await Promise.all([
        pagesOf(document.blobId, from, TEXT_PAGES + 1),
        from === 1 ? partNamesOf(document.blobId, NAMED_PARTS) : [],
      ])
  return {
    pages: found.slice(0, TEXT_PAGES),
    parts: parts.filter(({ name }) => name !== ''),
    next: found[TEXT_PAGES]?.page ?? null,
  }
}

/** Where the words of its recognised pages stand, to mark hits on the picture. */
export async function readWords(actor: Actor, id: string): Promise<{ id: string; pages: PageWords[] }> {
  const document = (await documentById(actor.planId, id)) ?? fail('notFound')
  return { id, pages: await wordsOfPages(document.blobId) }
}
