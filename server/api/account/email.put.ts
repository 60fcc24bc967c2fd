import { accountRoutes } from '../../../contract/routes/account'
import { originOf } from '../../http/origin'
import { route } from '../../routing/route'
import { changeEmail } from '../../services/account/changeEmail'

export default route(accountRoutes.changeEmail, async ({ actor, body, event }) =>
  changeEmail(actor, body, originOf(event), new Date()),
)
