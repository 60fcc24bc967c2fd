import { documentsRoutes } from '../../../../contract/routes/documents'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { readDocument } from '../../../services/documents/readDocument'

export default route(documentsRoutes.read, async ({ actor, event }) => readDocument(actor, idInPath(event)))
