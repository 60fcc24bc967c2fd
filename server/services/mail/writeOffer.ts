import type { PersonId } from '../../../core/ids'
import { counted } from '../../../core/change/index'
import { accounts } from '../../db/models/account'
import { mails } from '../../db/models/mail'
import { mutedGivers } from '../../db/models/mutedGiver'
import type { OfferedThing } from '../../db/sql/handovers'
import { sayFault } from '../../log/log'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { publicAddress } from './address'
import { sendWaiting } from './sendWaiting'
import { isNews } from './writeNews'

/**
 * Tells somebody by mail what is offered to be handed over to them, unless they want no mail, or hear nothing of the
 * giver.
 */
export async function writeOffer(
  { accountId: giverId, name, email }: Actor,
  personId: PersonId,
  { name: thing, folders, documents, note }: OfferedThing,
  now: Date,
): Promise<void> {
  if (!isNews(now)) return
  const [wants, muted] = await Promise.all([
    accounts().count({ where: { id: personId, mailNews: true } }),
    mutedGivers().count({ where: { accountId: personId, giverId } }),
  ])
  if (wants === 0 || muted > 0) return
  const from = name || email
  const what = [counted(folders, 'folder'), counted(documents, 'document')].join(' with ')
  await mails().create({
    ...{ id: newId(), accountId: personId, createdAt: now },
    subject: `${from} would like to hand “${thing}” over to you`,
    body:
      [
        `If you take it over, it is yours from then on: ${folders === 0 ? 'one document' : what}.`,
        ...(note ? [`“${note}”`] : []),
        `It waits in your In-tray:\n${publicAddress()}/in-tray`,
      ].join('\n\n') + '\n',
  })
  sendWaiting().catch((error: unknown) => sayFault(error, 'mail waits to be sent; it is tried again'))
}
