import { handoverRoutes } from '../../../contract/routes/handovers'
import { route } from '../../routing/route'
import { listOffers } from '../../services/handovers/offers'

export default route(handoverRoutes.list, ({ actor }) => listOffers(actor))
