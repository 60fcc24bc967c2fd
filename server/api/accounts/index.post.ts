import type { SessionState } from '../../../contract/account'
import { newAccountShape } from '../../../contract/account'
import { keepToken } from '../../http/actor'
import { originOf } from '../../http/origin'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { openAccount } from '../../services/account/createAccount'
import { isDemoThere, openSession } from '../../services/account/session'

export default route(async (event): Promise<SessionState> => {
  const { email, password } = await bodyOf(event, newAccountShape)
  const [origin, now] = [originOf(event), new Date()]
  const actor = await openAccount({ email, password, planName: 'My plan' }, origin.address, now)
  const { token, expiresAt } = await openSession(actor.accountId, origin, now)
  keepToken(event, token, expiresAt)
  return { account: { email: actor.email }, demo: await isDemoThere() }
})
