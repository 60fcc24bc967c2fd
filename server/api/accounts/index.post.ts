import type { SessionState } from '../../../contract/account'
import { newAccountShape } from '../../../contract/account'
import { keepToken } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { createAccount } from '../../services/account/createAccount'
import { isDemoThere, openSession } from '../../services/account/session'

export default route(async (event): Promise<SessionState> => {
  const { email, password } = await bodyOf(event, newAccountShape)
  const now = new Date()
  const actor = await createAccount({ email, password, planName: 'My plan' }, now)
  const { token, expiresAt } = await openSession(actor.accountId, now)
  keepToken(event, token, expiresAt)
  return { account: { email: actor.email }, demo: await isDemoThere() }
})
