import { accountRoutes } from '../../../contract/routes/account'
import { keepToken } from '../../http/actor'
import { originOf } from '../../http/origin'
import { route } from '../../routing/route'
import { describeSession, signIn } from '../../services/account/session'

export default route(accountRoutes.signIn, async ({ body: { email, password }, event }) => {
  const { token, expiresAt } = await signIn(email, password, originOf(event), new Date())
  keepToken(event, token, expiresAt)
  return describeSession(token)
})
