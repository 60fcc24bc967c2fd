import { thumbnailsRequestShape } from '../../../contract/document'
import { signedIn } from '../../http/actor'
import { bodyOf } from '../../http/parse'
import { route } from '../../http/route'
import { whoIs } from '../../services/account/session'
import { askThumbnails } from '../../services/thumbnails/askThumbnails'

export default route(async event => {
  const actor = await signedIn(event, whoIs)
  const { ids } = await bodyOf(event, thumbnailsRequestShape)
  return { thumbnails: await askThumbnails(actor, ids) }
})
