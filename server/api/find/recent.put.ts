import { noteSearchShape } from '../../../contract/find'
import { signedIn } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { noteSearchMade } from '../../services/find/recentSearches'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  await noteSearchMade(actor, await bodyOf(event, noteSearchShape))
  return null
})
