import { lockRoutes } from '../../../contract/routes/locks'
import { route } from '../../routing/route'
import { lockAll } from '../../services/locks/locks'

export default route(lockRoutes.closeAll, ({ actor }) => lockAll(actor))
