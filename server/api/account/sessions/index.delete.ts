import { accountRoutes } from '../../../../contract/routes/account'
import { tokenOf } from '../../../http/actor'
import { route } from '../../../routing/route'
import { endOtherSessions } from '../../../services/account/session'

export default route(accountRoutes.endOtherSessions, async ({ actor, event }) => ({
  ended: await endOtherSessions(actor, tokenOf(event) ?? ''),
}))
