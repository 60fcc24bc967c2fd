import { draftsRoutes } from '../../../contract/routes/drafts'
import { idInPath } from '../../http/parse'
import { route } from '../../routing/route'
import { keepSkeleton } from '../../services/skeletons/skeletons'

export default route(draftsRoutes.saveSkeleton, async ({ actor, body, event }) => {
  await keepSkeleton(actor, { id: idInPath(event), ...body }, new Date())
  return {}
})
