import { getQuery, getRouterParam, setResponseHeaders } from 'h3'
import { signedIn } from '../../../../http/actor'
import { idInPath, wholeNumberOf } from '../../../../http/parse'
import { route } from '../../../../http/route'
import { drawPage } from '../../../../workers/documents'
import { whoIs } from '../../../../services/account/session'
import { drawDocumentPage } from '../../../../services/documents/drawDocumentPage'

/**
 * A PNG of one page, from 1. `version` in the address makes it another one when the contents change, so it may be kept.
 */
export default route(async event => {
  const page = wholeNumberOf(getRouterParam(event, 'page')) ?? 0
  const picture = await drawDocumentPage(
    await signedIn(event, whoIs),
    idInPath(event),
    page,
    wholeNumberOf(getQuery(event).version),
    drawPage,
  )
  setResponseHeaders(event, {
    'content-type': 'image/png',
    'cache-control': 'private, max-age=86400, immutable',
    'x-content-type-options': 'nosniff',
  })
  return picture
})
