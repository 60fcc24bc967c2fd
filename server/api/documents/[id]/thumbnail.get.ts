import { setResponseHeaders } from 'h3'
import { documentsRoutes } from '../../../../contract/routes/documents'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { thumbnailOf } from '../../../services/thumbnails/askThumbnails'

/** A WebP. `version` in the address makes it another one when the contents change, so it may be kept. */
export default route(documentsRoutes.thumbnail, async ({ actor, event }) => {
  const picture = await thumbnailOf(actor, idInPath(event))
  setResponseHeaders(event, {
    'content-type': 'image/webp',
    'cache-control': 'private, max-age=86400, immutable',
    'x-content-type-options': 'nosniff',
  })
  return picture
})
