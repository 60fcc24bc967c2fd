import { v5 } from 'uuid'
import { storableTime } from '../../../core/dates/index'
import { mediaTypeOf } from '../../../core/formats/index'
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

/** Takes a message apart in a process of its own; what is no message is `ok: false`. */
export type OpenMail = (planId: string, bytes: Buffer) => Promise<{
  readonly ok: true
  readonly subject: string
  readonly sender: string
  /** As it stands in the message. */
  readonly date: string
  readonly attachments: readonly { readonly fileName: string; readonly bytes: Uint8Array }[]
} | { readonly ok: false }>

/**
 * A message (.eml) and its attachments as documents in the In-tray that know each other, in one Change.
 * `messageId` is the mailbox's own name of it. What cannot be read as a message is kept as it came.
 */
export async function takeMail(actor: Actor, messageId: string, bytes: Buffer, openMail: OpenMail, now: Date): Promise<JournalEntry> {
  const opened = await openMail(actor.planId, bytes)
  const mail = opened.ok ? opened : { subject: '', sender: '', date: '', attachments: [] }
  const message = newId() as DocumentId
  const changedAt = dateOf(mail.date, now)
  const file = (id: DocumentId, fileName: string, content: Uint8Array) => fileOf(actor, id, fileName, Buffer.from(content), changedAt, mail.sender)
  const files = [await file(message, `${(mail.subject || 'Message').replace(/[/\\]/g, '-')}.eml`, bytes)]
  for (const attachment of mail.attachments) files.push({ ...await file(newId() as DocumentId, attachment.fileName, attachment.bytes), partOf: message })
  return applyCommand(actor, v5(`${actor.planId} ${messageId}`, MESSAGES), { kind: 'document.add', folderId: null, clash: 'both', files }, now)
}

async function fileOf({ planId }: Actor, id: DocumentId, fileName: string, bytes: Buffer, changedAt: string, sender: string): Promise<NewFile> {
  const { extension } = nameFromFile(fileName)
  const blob = await storeFile(planId, bytes)
  return { id, versionId: newId(), placementId: newId(), fileName, mediaType: mediaTypeOf(extension), size: blob.size, blobId: blob.id, changedAt, origin: 'mail', sender }
}

function dateOf(text: string, now: Date): string {
  const time = storableTime(text)
  return time === null || time > now.toISOString() ? now.toISOString() : time
}
