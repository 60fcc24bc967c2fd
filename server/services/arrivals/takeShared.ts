import { addressName, mediaTypeOf, webAddress, writeUriList } from '../../../core/formats/index'
import type { DocumentId } from '../../../core/ids'
import { fail } from '../../../core/errors'
import type { NewFile } from '../../../core/plan/index'
import { nameFromFile } from '../../../core/plan/index'
import type { JournalEntry } from '../../db/sql/journal'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'
import { storeFile } from '../documents/storeFile'

export interface Shared {
  readonly title: string
  readonly text: string
  readonly address: string
  readonly files: readonly { readonly name: string; readonly bytes: Buffer }[]
}

/**
 * What another program hands over, in the In-tray, as one Change: its files, an address as a link, a text as a
 * memo. Throws request.invalid when there is nothing in it.
 */
export async function takeShared(actor: Actor, given: Shared, now: Date): Promise<JournalEntry> {
  const taken: NewFile[] = []
  const take = async (fileName: string, bytes: Buffer, origin: 'paste' | 'link' | 'memo'): Promise<void> => {
    const { extension } = nameFromFile(fileName)
    const blob = await storeFile(actor.planId, bytes)
    taken.push({ id: newId() as DocumentId, versionId: newId(), placementId: newId(), fileName, mediaType: mediaTypeOf(extension), size: blob.size, blobId: blob.id, changedAt: now.toISOString(), origin })
  }
  for (const { name, bytes } of given.files) await take(name, bytes, 'paste')
  // Some programs put the address into the text.
  const address = webAddress(given.address) ?? (/\s/.test(given.text) ? null : webAddress(given.text))
  if (address !== null) await take(`${safe(given.title || addressName(address))}.uri`, Buffer.from(writeUriList({ address, title: given.title, remark: address === webAddress(given.text) ? '' : given.text })), 'link')
  else if (given.text !== '') await take(`${safe(given.title || given.text.slice(0, 60).split('\n')[0] || 'Handed over')}.md`, Buffer.from(given.text), 'memo')
  if (taken.length === 0) fail('request.invalid', { why: 'nothing was handed over' })
  return applyCommand(actor, newId(), { kind: 'document.add', folderId: null, clash: 'both', files: taken }, now)
}

const safe = (name: string) => name.replace(/[/\\]+/g, ' – ').slice(0, 120)
