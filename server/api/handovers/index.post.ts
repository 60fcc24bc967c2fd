import { handoverRoutes } from '../../../contract/routes/handovers'
import { route } from '../../routing/route'
import { offerThing } from '../../services/handovers/offers'

export default route(handoverRoutes.offer, async ({ actor, body }) => {
  await offerThing(actor, body, new Date())
  return {}
})
