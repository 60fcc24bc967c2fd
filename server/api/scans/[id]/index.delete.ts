import { signedIn } from '../../../http/actor'
import { idInPath } from '../../../http/parse'
import { route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { dropPage } from '../../../services/scans/scans'

export default route(async event => {
  await dropPage(await signedIn(event, whoIs), idInPath(event))
  return {}
})
