import { handoverRoutes } from '../../../../contract/routes/handovers'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { takeOver } from '../../../services/handovers/takeOver'

export default route(handoverRoutes.takeOver, ({ actor, body, event }) =>
  takeOver(actor, idInPath(event), body, new Date()),
)
