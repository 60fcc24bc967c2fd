import { signedIn } from '../../../http/actor'
import { idInPath } from '../../../http/parse'
import { route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { stopAct } from '../../../services/changes/longAct'

export default route(async event => {
  await stopAct(await signedIn(event, whoIs), idInPath(event))
  return null
})
