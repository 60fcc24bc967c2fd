import { accountRoutes } from '../../../contract/routes/account'
import { tokenOf } from '../../http/actor'
import { route } from '../../routing/route'
import { describeAccount } from '../../services/account/describeAccount'

export default route(accountRoutes.describeAccount, async ({ actor, event }) =>
  describeAccount(actor, tokenOf(event) ?? '', new Date()),
)
