import { getRouterParam } from 'h3'
import { isDevice } from '../../../contract/arrivals'
import { arrivalsRoutes } from '../../../contract/routes/arrivals'
import { fail } from '../../../core/errors'
import { route } from '../../routing/route'
import { takeIn } from '../../services/arrivals/takeIn'
import { SOURCES } from '../../standins/index'
import { documents } from '../../workers/documents'

/** What a simulated device or service has, taken in; what was taken in before is not again. */
export default route(arrivalsRoutes.takeArrivals, async ({ actor, body: request, event }) => {
  const device = getRouterParam(event, 'device')
  const source = isDevice(device) ? SOURCES[device] : fail('notFound')
  const now = new Date()
  const changes = []
  for (const arrival of await source.fetch({ planId: actor.planId, now, openMail: documents.mail }, request))
    changes.push(await takeIn(actor, arrival, now))
  return { changes: changes.filter(change => change !== null) }
})
