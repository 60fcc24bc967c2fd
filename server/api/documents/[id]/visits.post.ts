import { documentsRoutes } from '../../../../contract/routes/documents'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { visit } from '../../../services/documents/lately'

export default route(documentsRoutes.visit, async ({ actor, event }) => {
  await visit(actor, idInPath(event))
  return null
})
