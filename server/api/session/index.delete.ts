import { accountRoutes } from '../../../contract/routes/account'
import { dropToken, tokenOf } from '../../http/actor'
import { route } from '../../routing/route'
import { endSession } from '../../services/account/session'

export default route(accountRoutes.signOut, async ({ event }) => {
  const token = tokenOf(event)
  if (token !== null) await endSession(token)
  dropToken(event)
  return { account: null }
})
