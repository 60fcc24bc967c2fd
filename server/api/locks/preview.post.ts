import { lockRoutes } from '../../../contract/routes/locks'
import { route } from '../../routing/route'
import { wouldLock } from '../../services/locks/locks'

export default route(lockRoutes.preview, ({ actor, body }) => wouldLock(actor, body))
