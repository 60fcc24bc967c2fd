import { accountRoutes } from '../../../contract/routes/account'
import { route } from '../../routing/route'
import { changeName } from '../../services/account/changeName'

export default route(accountRoutes.changeName, ({ actor, body: { name } }) => changeName(actor, name))
