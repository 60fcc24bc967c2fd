import { arrivalsRoutes } from '../../../contract/routes/arrivals'
import { route } from '../../routing/route'
import { listOrders } from '../../services/filing/orders'

export default route(arrivalsRoutes.listOrders, async ({ actor }) => ({ orders: await listOrders(actor) }))
