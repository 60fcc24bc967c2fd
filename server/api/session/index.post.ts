import { accountRoutes } from '../../../contract/routes/account'
import { keepToken } from '../../http/actor'
import { originOf } from '../../http/origin'
import { route } from '../../routing/route'
import { demoPeople, signIn, whoIs } from '../../services/account/session'

export default route(accountRoutes.signIn, async ({ body: { email, password }, event }) => {
  const { token, expiresAt } = await signIn(email, password, originOf(event), new Date())
  keepToken(event, token, expiresAt)
  const actor = await whoIs(token)
  return { account: { email: email.toLowerCase(), name: actor?.name ?? '', isGuest: false }, demo: await demoPeople() }
})
