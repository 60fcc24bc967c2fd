import { signedIn } from '../../http/actor'
import { idInPath } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { discardSkeleton } from '../../services/skeletons/skeletons'

export default route(async event => {
  await discardSkeleton(await signedIn(event, whoIs), idInPath(event))
  return {}
})
