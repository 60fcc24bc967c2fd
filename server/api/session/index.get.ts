import { accountRoutes } from '../../../contract/routes/account'
import { tokenOf } from '../../http/actor'
import { route } from '../../routing/route'
import { describeSession } from '../../services/account/session'

export default route(accountRoutes.readSession, ({ event }) => describeSession(tokenOf(event)))
