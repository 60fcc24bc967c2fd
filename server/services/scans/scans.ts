// From pages that a scanner gave to one document in the In-tray.

import { fail } from '../../../core/errors'
import type { DocumentId } from '../../../core/ids'
import { nameFromFile } from '../../../core/plan/index'
import type { ScanEdits } from '../../../core/scan/index'
import type { JournalEntry } from '../../db/sql/journal'
import { entryById } from '../../db/sql/journal'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'
import { storeFile } from '../documents/storeFile'
import { languagesOf } from '../reading/recognise'
import type { ScannedRow } from './scannedRows'
import { addScanned, dropScanned, editScanned, saveOcrResult, scannedById, scannedOf } from './scannedRows'

/** As bytes, or as they come in. */
type Picture = Uint8Array | AsyncIterable<Uint8Array>

interface PlacedWord {
  readonly text: string
  readonly box: readonly [number, number, number, number]
}

/**
 * What the rest of the server does with pictures, given by whoever calls: this layer knows no format. `owner` is the
 * plan.
 */
export interface Pictures {
  readonly look: (
    owner: string,
    picture: Picture,
  ) => Promise<{ png: Buffer; width: number; height: number; edits: ScanEdits }>
  readonly draw: (
    owner: string,
    png: Buffer,
    edits: ScanEdits,
    width?: number | null,
  ) => Promise<{ bytes: Buffer; width: number; height: number; type: string }>
  readonly recognise: (
    owner: string,
    png: Uint8Array,
    languages: readonly string[],
  ) => Promise<{ text: string; words: readonly PlacedWord[] }>
  /** `pictures` stand for `pages` one by one. */
  readonly compose: (
    owner: string,
    pictures: readonly Buffer[],
    pages: readonly { width: number; height: number; words: readonly PlacedWord[] }[],
    title: string,
    now: Date,
  ) => Promise<Buffer>
}

export function listScans(actor: Actor): Promise<ScannedRow[]> {
  return scannedOf(actor.planId)
}

/** Takes pictures in as pages, straightened and cut as far as that can be told. Throws scan.picture. */
export async function takePages(actor: Actor, pictures: readonly Picture[], how: Pictures): Promise<ScannedRow[]> {
  // Looked at side by side, kept in the order in which they came.
  const looked = await Promise.all(pictures.map(picture => how.look(actor.planId, picture)))
  for (const { png, width, height, edits } of looked)
    await addScanned(actor.planId, { id: newId(), picture: png, width, height, edits })
  return listScans(actor)
}

/** Throws notFound. */
export async function editPage(actor: Actor, id: string, edits: ScanEdits): Promise<void> {
  if (!(await editScanned(actor.planId, id, edits))) fail('notFound')
}

/** Throws notFound. */
export async function dropPage(actor: Actor, id: string): Promise<void> {
  if ((await dropScanned(actor.planId, [id])) === 0) fail('notFound')
}

/** A page as it would be in the document, `width` points wide. Throws notFound. */
export async function drawPage(
  actor: Actor,
  id: string,
  edits: ScanEdits | null,
  width: number,
  how: Pictures,
): Promise<{ bytes: Buffer; type: string }> {
  const page = (await scannedById(actor.planId, id)) ?? fail('notFound')
  return how.draw(actor.planId, page.picture, edits ?? page.edits, width)
}

/** Recognises the text of one page as it is edited now; how many words. Nothing is done twice. Throws notFound. */
export async function readPage(actor: Actor, id: string, how: Pictures): Promise<{ words: number }> {
  const page = (await scannedById(actor.planId, id)) ?? fail('notFound')
  if (page.read && page.seen) return { words: page.seen.words.length }
  const { bytes } = await how.draw(actor.planId, page.picture, page.edits)
  const { text, words } = await how.recognise(actor.planId, bytes, await languagesOf(actor.planId))
  await saveOcrResult(actor.planId, id, { text, words }, page.edits)
  return { words: words.length }
}

export interface ScanOrder {
  readonly changeId: string
  readonly documentId: DocumentId
  readonly name: string
  /** In the order wanted. */
  readonly pages: readonly string[]
}

/**
 * Puts pages together to one PDF in the In-tray, with what was recognised of them behind the pictures, and takes
 * them off the scanner's page. Throws notFound when one is gone.
 */
export async function makeDocument(
  actor: Actor,
  { changeId, documentId, name, pages }: ScanOrder,
  how: Pictures,
  now: Date,
): Promise<JournalEntry> {
  const earlier = await entryById(null, actor.planId, changeId)
  if (earlier) return earlier
  const [pictures, drawn]: [Buffer[], { width: number; height: number; words: readonly PlacedWord[] }[]] = [[], []]
  for (const id of pages) {
    const page = (await scannedById(actor.planId, id)) ?? fail('notFound')
    const { bytes, width, height } = await how.draw(actor.planId, page.picture, page.edits)
    pictures.push(bytes)
    drawn.push({ width, height, words: page.read && page.seen ? page.seen.words : [] })
  }
  const file = await how.compose(actor.planId, pictures, drawn, name, now)
  const blob = await storeFile(actor.planId, file)
  const entry = await applyCommand(
    actor,
    changeId,
    {
      kind: 'document.add',
      folderId: null,
      clash: 'both',
      files: [
        {
          id: documentId,
          versionId: newId(),
          placementId: newId(),
          fileName: `${nameFromFile(`${name}.pdf`).name}.pdf`,
          mediaType: 'application/pdf',
          size: blob.size,
          blobId: blob.id,
          changedAt: now.toISOString(),
          origin: 'scan',
        },
      ],
    },
    now,
  )
  await dropScanned(actor.planId, pages)
  return entry
}
