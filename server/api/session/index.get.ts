import type { SessionState } from '../../../contract/account'
import { tokenOf } from '../../http/actor'
import { route } from '../../http/route'
import { isDemoThere, whoIs } from '../../services/account/session'

export default route(async (event): Promise<SessionState> => {
  const token = tokenOf(event)
  const actor = token === null ? null : await whoIs(token)
  return { account: actor ? { email: actor.email } : null, demo: await isDemoThere() }
})
