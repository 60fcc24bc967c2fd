import { uploadsRoutes } from '../../../contract/routes/uploads'
import { placeOf } from '../../http/parse'
import { route } from '../../routing/route'
import { findClashes } from '../../services/documents/addUpload'

export default route(uploadsRoutes.clashes, async ({ actor, body: { folder, names } }) => ({
  clashes: await findClashes(actor, placeOf(folder), names),
}))
