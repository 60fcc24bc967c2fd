import { loosenRequestShape } from '../../../contract/find'
import { signedIn } from '../../http/actor'
import { askedIn, bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { loosenSearch } from '../../services/find/loosenSearch'

export default route(async (event) => {
  const actor = await signedIn(event, whoIs)
  const { query, typing } = await bodyOf(event, loosenRequestShape)
  const found = await loosenSearch(actor, askedIn(query), typing)
  return { loosened: found }
})
