import { draftsRoutes } from '../../../contract/routes/drafts'
import { idInPath } from '../../http/parse'
import { route } from '../../routing/route'
import { discardSkeleton } from '../../services/skeletons/skeletons'

export default route(draftsRoutes.discardSkeleton, async ({ actor, event }) => {
  await discardSkeleton(actor, idInPath(event))
  return {}
})
