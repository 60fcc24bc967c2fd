import { mediaTypeOf, writeUriList } from '../../../core/formats/index'
import type { DocumentId, FolderId } from '../../../core/ids'
import type { NewFile } from '../../../core/plan/index'
import { nameFromFile } from '../../../core/plan/index'
import type { JournalEntry } from '../../db/sql/journal'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'
import { storeFile } from '../documents/storeFile'

export interface HandedOver {
  readonly from: string
  /** The folder of theirs in which the files lie; null: loose papers. */
  readonly folder: string | null
  /** `address`: where the original is, which stays theirs. */
  readonly files: readonly { readonly name: string; readonly bytes: Buffer; readonly changedAt: string; readonly address: string }[]
}

/**
 * What a colleague hands over, in one Change: copies, or pointers (links) to the originals, which stay theirs. Loose
 * papers lie in the In-tray afterwards, a folder at the top of the plan.
 */
export async function takeHandedOver(actor: Actor, { from, folder, files }: HandedOver, way: 'copies' | 'pointers', now: Date): Promise<JournalEntry> {
  const taken: NewFile[] = []
  const folderId = folder === null ? null : newId() as FolderId
  for (const original of files) {
    const { changedAt } = original
    const fileName = way === 'copies' ? original.name : `${nameFromFile(original.name).name}.uri`
    const bytes = way === 'copies' ? original.bytes : Buffer.from(writeUriList({ address: original.address, title: original.name, remark: `Belongs to ${from}` }))
    const { extension } = nameFromFile(fileName)
    const blob = await storeFile(actor.planId, bytes)
    taken.push({ id: newId() as DocumentId, versionId: newId(), placementId: newId(), ...(folderId === null ? {} : { folderId }), fileName, mediaType: mediaTypeOf(extension), size: blob.size, blobId: blob.id, changedAt, origin: 'colleague', sender: from })
  }
  return applyCommand(actor, newId(), { kind: 'document.add', folderId: null, clash: 'both', files: taken, folders: folderId === null || folder === null ? [] : [{ id: folderId, parentId: null, name: folder }] }, now)
}
