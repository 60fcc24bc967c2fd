import { signedIn } from '../../../http/actor'
import { idInPath } from '../../../http/parse'
import { route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { visit } from '../../../services/documents/lately'

export default route(async event => {
  await visit(await signedIn(event, whoIs), idInPath(event))
  return null
})
