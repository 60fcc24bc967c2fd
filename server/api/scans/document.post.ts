import { scansRoutes } from '../../../contract/routes/scans'
import { route } from '../../routing/route'
import { makeDocument } from '../../services/scans/scans'
import { scanPages } from '../../workers/documents'

export default route(scansRoutes.makeDocument, async ({ actor, body: { change, document, name, pages } }) =>
  makeDocument(actor, { changeId: change, documentId: document, name, pages }, scanPages, new Date()),
)
