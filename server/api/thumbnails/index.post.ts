import { documentsRoutes } from '../../../contract/routes/documents'
import { route } from '../../routing/route'
import { askThumbnails } from '../../services/thumbnails/askThumbnails'

export default route(documentsRoutes.thumbnails, async ({ actor, body: { ids } }) => ({
  thumbnails: await askThumbnails(actor, ids),
}))
