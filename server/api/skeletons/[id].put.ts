import { skeletonPutShape } from '../../../contract/draft'
import { signedIn } from '../../http/actor'
import { bodyOf, idInPath } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { keepSkeleton } from '../../services/skeletons/skeletons'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  await keepSkeleton(actor, { id: idInPath(event), ...(await bodyOf(event, skeletonPutShape)) }, new Date())
  return {}
})
