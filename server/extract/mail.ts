// Messages (RFC 5322, MIME) by postal-mime: who, when, about what, and the text.

import PostalMime from 'postal-mime'
import type { Address, Attachment, Email } from 'postal-mime'
import { mailAddressText } from '../../core/formats/index'
import { readHtml } from './html'
import type { AttachedFile, OpenedMail } from './outcome'
import { Unreadable } from './outcome'

export interface ReadMessage {
  readonly subject: string
  /** The subject, an empty line, headers, an empty line, the body. */
  readonly text: string
  readonly attached: readonly AttachedFile[]
}

export async function readMessage(bytes: Uint8Array): Promise<ReadMessage> {
  const mail = await parsed(bytes)
  const attachments = mail.attachments.map(({ filename }) => filename).filter(name => name !== null)
  const list = (name: string, addresses: readonly Address[] | undefined) =>
    addresses?.length ? [`${name}: ${addresses.map(mailAddressText).join(', ')}`] : []
  const text = [
    mail.subject ?? '',
    '',
    ...(mail.from ? [`From: ${mailAddressText(mail.from)}`] : []),
    ...list('To', mail.to),
    ...list('Cc', mail.cc),
    ...list('Bcc', mail.bcc),
    ...(mail.date ? [`Date: ${mail.date}`] : []),
    ...(attachments.length > 0 ? [`Attachments: ${attachments.join(', ')}`] : []),
    '',
    bodyOf(mail),
  ].join('\n')
  return { subject: mail.subject?.trim() ?? '', text, attached: attachedTo(mail).map(asAttached) }
}

// A text that is so much shorter than the page beside it only says that there is one.
const STUB = 0.2

function bodyOf(mail: Email): string {
  const { text = '', html = '' } = mail
  // A page is longer than its words, so most need not be read to know.
  const page = text.trim().length < html.length * STUB ? readHtml(new TextEncoder().encode(html)) : ''
  if (text.trim().length < page.length * STUB) return [text.trim(), page].filter(Boolean).join('\n\n')
  if (text !== '') return text
  // A kind that is not one ("text" alone) stands among the attachments.
  return mail.attachments
    .filter(({ mimeType, filename }) => mimeType.startsWith('text') && filename === null)
    .map(attachment => new TextDecoder().decode(contentOf(attachment)))
    .join('\n')
}

function parsed(bytes: Uint8Array): Promise<Email> {
  return PostalMime.parse(bytes).catch(() => {
    throw new Unreadable('It is named as a message but is none.')
  })
}

/** Without pictures that stand in the text. */
const attachedTo = (mail: Email) =>
  mail.attachments.filter(({ disposition, related }) => disposition !== 'inline' || !related)

const asAttached = (attachment: Attachment): AttachedFile => ({
  name: nameOf(attachment),
  description: '',
  bytes: contentOf(attachment),
})

/** A message and what is attached to it, as documents. */
export async function openMail(bytes: Uint8Array): Promise<OpenedMail> {
  const mail = await parsed(bytes)
  return {
    subject: mail.subject?.trim() ?? '',
    sender: mail.from ? mailAddressText(mail.from) : '',
    date: mail.date ?? '',
    attachments: attachedTo(mail).map(attachment => ({ fileName: nameOf(attachment), bytes: contentOf(attachment) })),
  }
}

function nameOf({ filename, mimeType }: Attachment): string {
  return filename ?? `attachment.${mimeType.split('/')[1]?.replace(/[^a-z\d]/gi, '') ?? 'bin'}`
}

function contentOf({ content }: Attachment): Uint8Array {
  return typeof content === 'string' ? Buffer.from(content) : new Uint8Array(content as ArrayBuffer)
}
