import { uploadsRoutes } from '../../../contract/routes/uploads'
import { route } from '../../routing/route'
import { pendingUploads } from '../../services/uploads/known'

export default route(uploadsRoutes.pending, async ({ actor }) => ({ uploads: await pendingUploads(actor) }))
