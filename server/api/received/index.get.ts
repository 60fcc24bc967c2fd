import { sharedRoutes } from '../../../contract/routes/shared'
import { route } from '../../routing/route'
import { listReceived } from '../../services/access/received'

export default route(sharedRoutes.received, ({ actor }) => listReceived(actor, new Date()))
