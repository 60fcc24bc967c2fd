import { signedIn } from '../../../http/actor'
import { idInPath } from '../../../http/parse'
import { route } from '../../../http/route'
import { endSessionById, whoIs } from '../../../services/account/session'

export default route(async event => {
  await endSessionById(await signedIn(event, whoIs), idInPath(event))
  return {}
})
