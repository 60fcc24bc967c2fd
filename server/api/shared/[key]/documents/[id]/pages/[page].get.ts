import { getRouterParam, setResponseHeaders } from 'h3'
import { sharedRoutes } from '../../../../../../../contract/routes/shared'
import { openScope } from '../../../../../../routing/openScope'
import { route } from '../../../../../../routing/route'
import { idInPath, wholeNumberOf } from '../../../../../../http/parse'
import { drawDocumentPage } from '../../../../../../services/documents/drawDocumentPage'
import { documentIn } from '../../../../../../services/shared/scope'
import { drawPage } from '../../../../../../workers/documents'

export default route(sharedRoutes.page, async ({ event }) => {
  const scope = await openScope(event)
  const document = await documentIn(scope, idInPath(event))
  const page = wholeNumberOf(getRouterParam(event, 'page')) ?? 0
  const { picture } = await drawDocumentPage(scope.giver, document.id, page, null, drawPage)
  setResponseHeaders(event, { 'content-type': 'image/png', 'cache-control': 'no-store' })
  return picture
})
