import { getRouterParam } from 'h3'
import { fail } from '../../../core/errors'
import { arrivalsRequestShape, isDevice } from '../../../contract/arrivals'
import { signedIn } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { takeIn } from '../../services/arrivals/takeIn'
import { SOURCES } from '../../standins/index'
import { documents } from '../../workers/documents'

/** What a simulated device or service has, taken in. */
export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const request = await bodyOf(event, arrivalsRequestShape)
  const device = getRouterParam(event, 'device')
  const source = isDevice(device) ? SOURCES[device] : fail('notFound')
  const now = new Date()
  const changes = []
  for (const arrival of await source.fetch({ planId: actor.planId, now, openMail: documents.mail }, request))
    changes.push(await takeIn(actor, arrival, now))
  return { changes }
})
