import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { listRecentSearches } from '../../services/find/recentSearches'

export default route(async event => listRecentSearches(await signedIn(event, whoIs)))
