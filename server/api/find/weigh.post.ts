import { ruleCountsRequestShape } from '../../../contract/find'
import { signedIn } from '../../http/actor'
import { requestIn, bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { countRules } from '../../services/find/countRules'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { query } = await bodyOf(event, ruleCountsRequestShape)
  return countRules(actor, requestIn(query))
})
