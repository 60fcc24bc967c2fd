import { weighRequestShape } from '../../../contract/find'
import { signedIn } from '../../http/actor'
import { askedIn, bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { weighRules } from '../../services/find/weighRules'

export default route(async (event) => {
  const actor = await signedIn(event, whoIs)
  const { query } = await bodyOf(event, weighRequestShape)
  return weighRules(actor, askedIn(query))
})
