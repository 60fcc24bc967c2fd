import { handoverRoutes } from '../../../contract/routes/handovers'
import { idInPath } from '../../http/parse'
import { route } from '../../routing/route'
import { takeOfferBack } from '../../services/handovers/offers'

export default route(handoverRoutes.takeBack, async ({ actor, event }) => {
  await takeOfferBack(actor, idInPath(event))
  return {}
})
