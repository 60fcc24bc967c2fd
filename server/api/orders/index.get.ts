import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listOrders } from '../../services/filing/orders'

export default route(async event => ({ orders: await listOrders(await signedIn(event, whoIs)) }))
