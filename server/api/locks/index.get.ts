import { lockRoutes } from '../../../contract/routes/locks'
import { route } from '../../routing/route'
import { listLocks } from '../../services/locks/locks'

export default route(lockRoutes.list, ({ actor }) => listLocks(actor))
