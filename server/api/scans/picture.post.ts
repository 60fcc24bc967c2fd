import { PICTURE_LIMIT_BYTES } from '../../../contract/bodyLimits'
import { scansRoutes } from '../../../contract/routes/scans'
import { limitedBody } from '../../http/body'
import { route } from '../../routing/route'
import { takePages } from '../../services/scans/scans'
import { scanPages } from '../../workers/documents'

/** A picture of one's own as a page; the body is the picture. */
export default route(scansRoutes.takePicture, async ({ actor, event }) => ({
  pages: await takePages(actor, [limitedBody(event, PICTURE_LIMIT_BYTES)], scanPages),
}))
