import { documentsRoutes } from '../../../../contract/routes/documents'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { listHits } from '../../../services/documents/listHits'

export default route(documentsRoutes.hits, async ({ actor, query: { q }, event }) =>
  listHits(actor, idInPath(event), q),
)
