import { lockRoutes } from '../../../contract/routes/locks'
import { route } from '../../routing/route'
import { lockThings } from '../../services/locks/locks'

export default route(lockRoutes.lock, ({ actor, body: { id, passphrase, ...meant } }) =>
  lockThings(actor, id, meant, passphrase, new Date()),
)
