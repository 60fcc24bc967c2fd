import type { SessionState } from '../../../contract/account'
import { signInShape } from '../../../contract/account'
import { keepToken } from '../../http/actor'
import { originOf } from '../../http/origin'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { isDemoThere, signIn } from '../../services/account/session'

export default route(async (event): Promise<SessionState> => {
  const { email, password } = await bodyOf(event, signInShape)
  const { token, expiresAt } = await signIn(email, password, originOf(event), new Date())
  keepToken(event, token, expiresAt)
  return { account: { email: email.toLowerCase() }, demo: await isDemoThere() }
})
