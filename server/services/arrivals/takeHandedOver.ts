import { isReadable, mediaTypeOf } from '../../../core/formats/index'
import type { DocumentId } from '../../../core/ids'
import type { NewFile } from '../../../core/plan/index'
import { nameFromFile } from '../../../core/plan/index'
import type { JournalEntry } from '../../db/sql/journal'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'
import { storeFile } from '../documents/storeFile'

export interface HandedOver {
  readonly from: string
  readonly files: readonly { readonly name: string; readonly bytes: Buffer; readonly changedAt: string }[]
}

/** Copies of what a colleague hands over, in the In-tray, in one Change; the originals stay theirs. */
export async function takeHandedOver(actor: Actor, { from, files }: HandedOver, now: Date): Promise<JournalEntry> {
  const taken: NewFile[] = []
  for (const { name, bytes, changedAt } of files) {
    const { extension } = nameFromFile(name)
    const blob = await storeFile(bytes, isReadable(extension) ? extension : '')
    taken.push({ id: newId() as DocumentId, versionId: newId(), placementId: newId(), fileName: name, mediaType: mediaTypeOf(extension), size: blob.size, blobId: blob.id, changedAt, origin: 'colleague', sender: from })
  }
  return applyCommand(actor, newId(), { kind: 'document.add', folderId: null, clash: 'both', files: taken }, now)
}
