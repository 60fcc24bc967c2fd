import { dropToken, tokenOf } from '../../http/actor'
import { route } from '../../http/route'
import { endSession } from '../../services/account/session'

export default route(async event => {
  const token = tokenOf(event)
  if (token !== null) await endSession(token)
  dropToken(event)
  return { account: null }
})
