import { arrivalsRoutes } from '../../../contract/routes/arrivals'
import { route } from '../../routing/route'
import { tryOrder } from '../../services/filing/orders'

export default route(arrivalsRoutes.tryOrder, async ({ actor, body: { when, then } }) =>
  tryOrder(actor, when, then, new Date()),
)
