import { handoverRoutes } from '../../../../contract/routes/handovers'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { declineOffer } from '../../../services/handovers/offers'

export default route(handoverRoutes.decline, async ({ actor, event }) => {
  await declineOffer(actor, idInPath(event))
  return {}
})
