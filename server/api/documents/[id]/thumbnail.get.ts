import { setResponseHeaders } from 'h3'
import { signedIn } from '../../../http/actor'
import { idInPath } from '../../../http/parse'
import { route } from '../../../http/route'
import { whoIs } from '../../../services/account/session'
import { thumbnailOf } from '../../../services/thumbnails/askThumbnails'

/** A WebP. `version` in the address makes it another one when the contents change, so it may be kept. */
export default route(async event => {
  const picture = await thumbnailOf(await signedIn(event, whoIs), idInPath(event))
  setResponseHeaders(event, {
    'content-type': 'image/webp',
    'cache-control': 'private, max-age=86400, immutable',
    'x-content-type-options': 'nosniff',
  })
  return picture
})
