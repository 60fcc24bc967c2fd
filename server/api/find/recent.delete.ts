import { signedIn } from '../../http/actor'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { forgetRecentSearches } from '../../services/find/recentSearches'

export default route(async event => {
  await forgetRecentSearches(await signedIn(event, whoIs))
  return null
})
