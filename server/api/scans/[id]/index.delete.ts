import { signedIn } from '../../../http/actor'
import { idInPath } from '../../../http/parse'
import { route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { dropPages } from '../../../services/scans/scans'

export default route(async (event) => {
  await dropPages(await signedIn(event, whoIs), [idInPath(event)])
  return {}
})
