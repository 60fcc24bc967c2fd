import { storableTime } from '../../../core/dates/index'
import type { Arrival, SourceTools } from './takeIn'

/**
 * A message (.eml) with its attachments. `messageId` is the mailbox's own name of it. What cannot be read as a message
 * is taken in as it came.
 */
export async function mailArrival(
  { planId, now, openMail }: SourceTools,
  messageId: string,
  bytes: Buffer,
): Promise<Arrival> {
  const opened = await openMail(planId, bytes)
  const mail = opened.ok ? opened : { subject: '', sender: '', date: '', attachments: [] }
  const changedAt = dateOf(mail.date, now)
  const message = { fileName: `${(mail.subject || 'Message').replace(/[/\\]/g, '-')}.eml`, bytes }
  return {
    key: messageId,
    sender: mail.sender,
    folder: null,
    isMessage: true,
    files: [message, ...mail.attachments].map(({ fileName, bytes: content }) => ({
      fileName,
      content,
      changedAt,
      origin: 'mail',
    })),
  }
}

function dateOf(text: string, now: Date): string {
  const time = storableTime(text)
  return time === null || time > now.toISOString() ? now.toISOString() : time
}
