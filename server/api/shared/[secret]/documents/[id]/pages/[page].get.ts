import { getRouterParam, setResponseHeaders } from 'h3'
import { sharedRoutes } from '../../../../../../../contract/routes/shared'
import { route } from '../../../../../../routing/route'
import { idInPath, secretInPath, wholeNumberOf } from '../../../../../../http/parse'
import { drawDocumentPage } from '../../../../../../services/documents/drawDocumentPage'
import { documentIn, scopeOf } from '../../../../../../services/shared/scope'
import { drawPage } from '../../../../../../workers/documents'

export default route(sharedRoutes.page, async ({ event }) => {
  const scope = await scopeOf(secretInPath(event), new Date())
  const document = await documentIn(scope, idInPath(event))
  const page = wholeNumberOf(getRouterParam(event, 'page')) ?? 0
  const picture = await drawDocumentPage(scope.giver, document.id, page, null, drawPage)
  setResponseHeaders(event, { 'content-type': 'image/png', 'cache-control': 'no-store' })
  return picture
})
