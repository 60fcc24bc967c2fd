import { documentsRoutes } from '../../../contract/routes/documents'
import { placeOf } from '../../http/parse'
import { route } from '../../routing/route'
import { listDocuments } from '../../services/documents/listDocuments'

export default route(documentsRoutes.list, async ({ actor, query: { folder, ...request } }) =>
  listDocuments(actor, { ...request, folderId: placeOf(folder) }),
)
