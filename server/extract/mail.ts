// Messages (RFC 5322, MIME) by postal-mime: who, when, about what, and the text.

import PostalMime from 'postal-mime'
import { mailAddressText } from '../../core/formats/index'
import { readHtml } from './html'
import { Unreadable } from './outcome'

export async function readMail(bytes: Uint8Array): Promise<string> {
  const mail = await PostalMime.parse(bytes).catch(() => { throw new Unreadable('It is named as a message but is none.') })
  const body = mail.text ?? (mail.html ? await readHtml(new TextEncoder().encode(mail.html)) : '')
  const attachments = mail.attachments.map(({ filename }) => filename).filter(name => name !== null)
  return [
    mail.subject ?? '', '',
    ...(mail.from ? [`From: ${mailAddressText(mail.from)}`] : []), ...(mail.to?.length ? [`To: ${mail.to.map(mailAddressText).join(', ')}`] : []), ...(mail.date ? [`Date: ${mail.date}`] : []),
    ...(attachments.length > 0 ? [`Attachments: ${attachments.join(', ')}`] : []), '', body,
  ].join('\n')
}
