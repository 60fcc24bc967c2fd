import { sharedRoutes } from '../../../contract/routes/shared'
import { route } from '../../routing/route'
import { findPerson } from '../../services/access/findPerson'

export default route(sharedRoutes.person, ({ actor, query: { email } }) => findPerson(actor, email, new Date()))
