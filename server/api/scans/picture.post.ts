import { readRawBody } from 'h3'
import { fail } from '../../../core/errors'
import { sizeText } from '../../../core/formats/index'
import { signedIn } from '../../http/actor'
import { wholeNumberOf } from '../../http/parse'
import { route } from '../../http/route'
import { scanPages } from '../../workers/documents'
import { whoIs } from '../../services/account/session'
import { takePages } from '../../services/scans/scans'

const LIMIT_BYTES = 64 * 1024 * 1024

/** A picture of one's own as a page; the body is the picture. */
export default route(async (event) => {
  const actor = await signedIn(event, whoIs)
  if ((wholeNumberOf(event.node.req.headers['content-length']) ?? LIMIT_BYTES + 1) > LIMIT_BYTES) fail('upload.large', { name: 'This picture', limit: sizeText(LIMIT_BYTES) })
  return { pages: await takePages(actor, [(await readRawBody(event, false)) ?? Buffer.alloc(0)], scanPages) }
})
