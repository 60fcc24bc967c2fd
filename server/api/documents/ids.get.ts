import { documentsRoutes } from '../../../contract/routes/documents'
import { placeOf } from '../../http/parse'
import { route } from '../../routing/route'
import { listDocumentIds } from '../../services/documents/listDocuments'

export default route(documentsRoutes.listIds, async ({ actor, query: { folder, sort, descending } }) => ({
  ids: await listDocumentIds(actor, placeOf(folder), sort, descending),
}))
