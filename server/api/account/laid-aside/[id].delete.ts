import { signedIn } from '../../../http/actor'
import { idInPath } from '../../../http/parse'
import { route } from '../../../http/route'
import { forgetLaidAside } from '../../../services/account/describeAccount'
import { whoIs } from '../../../services/account/session'

export default route(async event => {
  await forgetLaidAside(await signedIn(event, whoIs), idInPath(event))
  return {}
})
