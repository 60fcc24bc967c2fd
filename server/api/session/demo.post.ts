import type { SessionState } from '../../../contract/account'
import { keepToken } from '../../http/actor'
import { originOf } from '../../http/origin'
import { route } from '../../http/route'
import { openDemo, whoIs } from '../../services/account/session'

export default route(async (event): Promise<SessionState> => {
  const { token, expiresAt } = await openDemo(originOf(event), new Date())
  keepToken(event, token, expiresAt)
  const actor = await whoIs(token)
  return { account: actor ? { email: actor.email } : null, demo: true }
})
