import PostalMime from 'postal-mime'
import type { Attachment, Email } from 'postal-mime'
import { v5 } from 'uuid'
import { mailAddressText, mediaTypeOf } from '../../../core/formats/index'
import type { DocumentId } from '../../../core/ids'
import type { NewFile } from '../../../core/plan/index'
import { nameFromFile } from '../../../core/plan/index'
import type { JournalEntry } from '../../db/sql/journal'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'
import { storeFile } from '../documents/storeFile'

/** Names every message within Hembix, so that one that comes twice is taken once (RFC 9562, version 5). */
const MESSAGES = '6f1c1a52-4f0e-4f0e-9a51-0d6e3c1b7a10'

/**
 * A message (.eml) and its attachments as documents in the In-tray that know each other, in one Change.
 * `messageId` is the mailbox's own name of it. What cannot be read as a message is kept as it came.
 */
export async function takeMail(actor: Actor, messageId: string, bytes: Buffer, now: Date): Promise<JournalEntry> {
  const mail = await PostalMime.parse(bytes).catch(() => null) // kept all the same, as a file that cannot be read
  const message = newId() as DocumentId
  const sender = mail?.from ? mailAddressText(mail.from) : ''
  const changedAt = dateOf(mail, now)
  const subject = mail?.subject?.trim() || 'Message'
  const files = [await fileOf(message, `${subject.replace(/[/\\]/g, '-')}.eml`, bytes, changedAt, sender)]
  for (const attachment of mail?.attachments ?? []) {
    if (attachment.disposition === 'inline' && attachment.related) continue
    files.push({ ...await fileOf(newId() as DocumentId, nameOf(attachment), contentOf(attachment), changedAt, sender), partOf: message })
  }
  return applyCommand(actor, v5(`${actor.planId} ${messageId}`, MESSAGES), { kind: 'document.add', folderId: null, clash: 'both', files }, now)
}

async function fileOf(id: DocumentId, fileName: string, bytes: Buffer, changedAt: string, sender: string): Promise<NewFile> {
  const { extension } = nameFromFile(fileName)
  const blob = await storeFile(bytes)
  return { id, versionId: newId(), placementId: newId(), fileName, mediaType: mediaTypeOf(extension), size: blob.size, blobId: blob.id, changedAt, origin: 'mail', sender }
}

function dateOf(mail: Email | null, now: Date): string {
  const time = Date.parse(mail?.date ?? '')
  return new Date(Number.isNaN(time) || time > now.getTime() ? now.getTime() : time).toISOString()
}

function nameOf({ filename, mimeType }: Attachment): string {
  return filename ?? `attachment.${mimeType.split('/')[1]?.replace(/[^a-z\d]/gi, '') ?? 'bin'}`
}

function contentOf({ content }: Attachment): Buffer {
  return typeof content === 'string' ? Buffer.from(content) : Buffer.from(content as ArrayBuffer)
}
