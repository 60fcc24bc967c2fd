import { PICTURE_LIMIT_BYTES } from '../../../contract/bodyLimits'
import { signedIn } from '../../http/actor'
import { limitedBody } from '../../http/body'
import { route } from '../../http/route'
import { scanPages } from '../../workers/documents'
import { whoIs } from '../../services/account/session'
import { takePages } from '../../services/scans/scans'

/** A picture of one's own as a page; the body is the picture. */
export default route(async event => {
  const actor = await signedIn(event, whoIs)
  return { pages: await takePages(actor, [limitedBody(event, PICTURE_LIMIT_BYTES)], scanPages) }
})
