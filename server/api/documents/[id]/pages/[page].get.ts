import { getQuery, getRouterParam, setResponseHeaders } from 'h3'
import { documentsRoutes } from '../../../../../contract/routes/documents'
import { idInPath, wholeNumberOf } from '../../../../http/parse'
import { route } from '../../../../routing/route'
import { drawDocumentPage } from '../../../../services/documents/drawDocumentPage'
import { drawPage } from '../../../../workers/documents'

/**
 * A PNG of one page, from 1. `version` in the address makes it another one when the contents change, so it may be kept.
 */
export default route(documentsRoutes.page, async ({ actor, event }) => {
  const page = wholeNumberOf(getRouterParam(event, 'page')) ?? 0
  const version = wholeNumberOf(getQuery(event).version)
  const { picture, isSealed } = await drawDocumentPage(actor, idInPath(event), page, version, drawPage)
  setResponseHeaders(event, {
    'content-type': 'image/png',
    'cache-control': isSealed ? 'no-store' : 'private, max-age=86400, immutable',
    'x-content-type-options': 'nosniff',
  })
  return picture
})
