import { getRouterParam } from 'h3'
import { fail } from '../../../core/errors'
import { arrivalsRequestShape } from '../../../contract/arrivals'
import { signedIn } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { takeHandedOver } from '../../services/arrivals/takeHandedOver'
import { documents } from '../../workers/documents'
import { takeMail } from '../../services/arrivals/takeMail'
import { simulatedColleague } from '../../standins/colleague'
import { simulatedMailbox } from '../../standins/mailbox'

/** What a simulated device or service has, taken into the In-tray. */
export default route(async (event) => {
  const actor = await signedIn(event, whoIs)
  const { as, folder } = await bodyOf(event, arrivalsRequestShape)
  const now = new Date()
  const changes = []
  switch (getRouterParam(event, 'device')) {
    case 'mailbox':
      for (const { id, bytes } of await simulatedMailbox(now).messages()) changes.push(await takeMail(actor, id, bytes, documents.mail, now))
      break
    case 'colleague':
      for (const handed of folder ? [await simulatedColleague(now).folder()] : await simulatedColleague(now).handedOver()) changes.push(await takeHandedOver(actor, handed, as, now))
      break
    default: fail('notFound')
  }
  return { changes }
})
