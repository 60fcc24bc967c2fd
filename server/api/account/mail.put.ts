import { accountRoutes } from '../../../contract/routes/account'
import { route } from '../../routing/route'
import { setMailNews } from '../../services/mail/settings'

export default route(accountRoutes.setMailNews, ({ actor, body: { news } }) => setMailNews(actor, news))
