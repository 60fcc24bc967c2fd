// Copies of documents that leave by mail.

import { newId } from '../../contract/newId'
import { counted } from '../../core/change/index'
import { mailCopies } from '../api/mail'
import { useNotice } from './notice'
import { remoteOf } from './remote'

/** Says that they were sent; why they were not, where that is so. */
export async function sendByMail(
  documentIds: readonly string[],
  to: readonly string[],
  note: string,
): Promise<{ readonly refused: string }> {
  const answer = await remoteOf(mailCopies({ change: newId(), documentIds, to, note }))
  if (answer.state === 'error') return { refused: answer.reason.message }
  if (answer.state !== 'ready') return { refused: '' }
  const what = documentIds.length === 1 ? 'a copy of it' : `copies of ${counted(documentIds.length, 'document')}`
  const whom = counted(to.length, 'address')
  useNotice().say(
    answer.value.isSent
      ? `Sent ${what} to ${whom}`
      : `Wrote ${counted(to.length, 'message')} with ${what}; no mail server is set up here, see Account`,
  )
  return { refused: '' }
}
