// Messages (RFC 5322, MIME) by postal-mime: who, when, about what, and the text.

import PostalMime from 'postal-mime'
import type { Attachment } from 'postal-mime'
import { mailAddressText } from '../../core/formats/index'
import { readHtml } from './html'
import type { OpenedMail } from './outcome'
import { Unreadable } from './outcome'

export async function readMail(bytes: Uint8Array): Promise<string> {
  return (await readMessage(bytes)).text
}

export async function readMessage(bytes: Uint8Array): Promise<{ readonly subject: string; readonly text: string }> {
  const mail = await PostalMime.parse(bytes).catch(() => {
    throw new Unreadable('It is named as a message but is none.')
  })
  const body = mail.text ?? (mail.html ? await readHtml(new TextEncoder().encode(mail.html)) : '')
  const attachments = mail.attachments.map(({ filename }) => filename).filter(name => name !== null)
  const text = [
    mail.subject ?? '',
    '',
    ...(mail.from ? [`From: ${mailAddressText(mail.from)}`] : []),
    ...(mail.to?.length ? [`To: ${mail.to.map(mailAddressText).join(', ')}`] : []),
    ...(mail.date ? [`Date: ${mail.date}`] : []),
    ...(attachments.length > 0 ? [`Attachments: ${attachments.join(', ')}`] : []),
    '',
    body,
  ].join('\n')
  return { subject: mail.subject?.trim() ?? '', text }
}

/** A message and what is attached to it, as documents. */
export async function openMail(bytes: Uint8Array): Promise<OpenedMail> {
  const mail = await PostalMime.parse(bytes).catch(() => {
    throw new Unreadable('It is named as a message but is none.')
  })
  const attachments = mail.attachments.filter(attachment => attachment.disposition !== 'inline' || !attachment.related)
  return {
    subject: mail.subject?.trim() ?? '',
    sender: mail.from ? mailAddressText(mail.from) : '',
    date: mail.date ?? '',
    attachments: attachments.map(attachment => ({ fileName: nameOf(attachment), bytes: contentOf(attachment) })),
  }
}

function nameOf({ filename, mimeType }: Attachment): string {
  return filename ?? `attachment.${mimeType.split('/')[1]?.replace(/[^a-z\d]/gi, '') ?? 'bin'}`
}

function contentOf({ content }: Attachment): Uint8Array {
  return typeof content === 'string' ? Buffer.from(content) : new Uint8Array(content as ArrayBuffer)
}
