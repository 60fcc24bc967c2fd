import { addressName, mediaTypeOf, webAddress, writeUriList } from '../../../core/formats/index'
import type { DocumentId } from '../../../core/ids'
import { fail } from '../../../core/errors'
import type { NewFile } from '../../../core/plan/index'
import { nameFromFile } from '../../../core/plan/index'
import type { JournalEntry } from '../../db/sql/journal'
import type { StoredBlob } from '../../db/blobStore'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'
import { storeFile } from '../documents/storeFile'

export interface Shared {
  readonly title: string
  readonly text: string
  readonly address: string
  /** Their bytes are stored already. */
  readonly files: readonly { readonly name: string; readonly blob: StoredBlob }[]
}

/**
 * What another program hands over, in the In-tray, as one Change: its files, an address as a link, a text as a
 * memo. Throws request.invalid when there is nothing in it.
 */
export async function takeShared(actor: Actor, given: Shared, now: Date): Promise<JournalEntry> {
  const taken: NewFile[] = []
  const take = (fileName: string, blob: StoredBlob, origin: 'paste' | 'link' | 'memo'): void => {
    const { extension } = nameFromFile(fileName)
    taken.push({ id: newId() as DocumentId, versionId: newId(), placementId: newId(), fileName, mediaType: mediaTypeOf(extension), size: blob.size, blobId: blob.id, changedAt: now.toISOString(), origin })
  }
  const store = (text: string) => storeFile(actor.planId, Buffer.from(text))
  for (const { name, blob } of given.files) take(name, blob, 'paste')
  // Some programs put the address into the text.
  const address = webAddress(given.address) ?? (/\s/.test(given.text) ? null : webAddress(given.text))
  if (address !== null) take(`${safe(given.title || addressName(address))}.uri`, await store(writeUriList({ address, title: given.title, remark: address === webAddress(given.text) ? '' : given.text })), 'link')
  else if (given.text !== '') take(`${safe(given.title || given.text.slice(0, 60).split('\n')[0] || 'Handed over')}.md`, await store(given.text), 'memo')
  if (taken.length === 0) fail('request.invalid', { why: 'nothing was handed over' })
  return applyCommand(actor, newId(), { kind: 'document.add', folderId: null, clash: 'both', files: taken }, now)
}

const safe = (name: string) => name.replace(/[/\\]+/g, ' – ').slice(0, 120)
