import { relaxRequestShape } from '../../../contract/find'
import { signedIn } from '../../http/actor'
import { requestIn, bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { relaxSearch } from '../../services/find/relaxSearch'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { query, typing } = await bodyOf(event, relaxRequestShape)
  const found = await relaxSearch(actor, requestIn(query), typing)
  return { relaxed: found }
})
