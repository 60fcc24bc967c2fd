import { mailRoutes } from '../../../contract/routes/mail'
import { route } from '../../routing/route'
import { mailCopies } from '../../services/mail/mailCopies'

export default route(mailRoutes.copies, ({ actor, body }) => mailCopies(actor, body, new Date()))
