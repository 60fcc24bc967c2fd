import { accountRoutes } from '../../../contract/routes/account'
import { keepToken } from '../../http/actor'
import { originOf } from '../../http/origin'
import { route } from '../../routing/route'
import { openDemo, whoIs } from '../../services/account/session'

export default route(accountRoutes.openDemo, async ({ event }) => {
  const { token, expiresAt } = await openDemo(originOf(event), new Date())
  keepToken(event, token, expiresAt)
  const actor = await whoIs(token)
  return { account: actor ? { email: actor.email } : null, demo: true }
})
