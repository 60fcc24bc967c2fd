import { uploadsRoutes } from '../../../contract/routes/uploads'
import { route } from '../../routing/route'
import { findKnown } from '../../services/uploads/known'

export default route(uploadsRoutes.known, async ({ actor, body: { sizes, hashes } }) => findKnown(actor, sizes, hashes))
