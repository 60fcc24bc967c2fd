import { accountRoutes } from '../../../contract/routes/account'
import { keepToken } from '../../http/actor'
import { originOf } from '../../http/origin'
import { route } from '../../routing/route'
import { openAccount } from '../../services/account/createAccount'
import { describeSession, openSession } from '../../services/account/session'

export default route(accountRoutes.openAccount, async ({ body: { email, name, password }, event }) => {
  const [origin, now] = [originOf(event), new Date()]
  const account = await openAccount({ email, name, password, planName: 'My plan' }, origin.address, now)
  const { token, expiresAt } = await openSession(account.accountId, origin, now)
  keepToken(event, token, expiresAt)
  return describeSession(token)
})
