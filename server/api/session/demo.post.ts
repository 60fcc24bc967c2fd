import { accountRoutes } from '../../../contract/routes/account'
import { keepToken } from '../../http/actor'
import { originOf } from '../../http/origin'
import { route } from '../../routing/route'
import { describeSession, openDemo } from '../../services/account/session'

export default route(accountRoutes.openDemo, async ({ body: { name }, event }) => {
  const { token, expiresAt } = await openDemo(name, originOf(event), new Date())
  keepToken(event, token, expiresAt)
  return describeSession(token)
})
