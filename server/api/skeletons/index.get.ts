import { draftsRoutes } from '../../../contract/routes/drafts'
import { route } from '../../routing/route'
import { listSkeletons } from '../../services/skeletons/skeletons'

export default route(draftsRoutes.listSkeletons, async ({ actor }) => ({ skeletons: await listSkeletons(actor) }))
