import { lockRoutes } from '../../../../contract/routes/locks'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { takeOff } from '../../../services/locks/locks'

export default route(lockRoutes.takeOff, ({ actor, body: { id, passphrase }, event }) =>
  takeOff(actor, id, idInPath(event), passphrase, new Date()),
)
