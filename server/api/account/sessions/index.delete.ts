import { signedIn, tokenOf } from '../../../http/actor'
import { route } from '../../../http/route'
import { endOtherSessions, whoIs } from '../../../services/account/session'

export default route(async event => ({
  ended: await endOtherSessions(await signedIn(event, whoIs), tokenOf(event) ?? ''),
}))
