import { accountRoutes } from '../../../contract/routes/account'
import { tokenOf } from '../../http/actor'
import { originOf } from '../../http/origin'
import { route } from '../../routing/route'
import { changePassword } from '../../services/account/changePassword'

export default route(accountRoutes.changePassword, async ({ actor, body: { current, next }, event }) =>
  changePassword(actor, { current, next, token: tokenOf(event) ?? '' }, originOf(event), new Date()),
)
