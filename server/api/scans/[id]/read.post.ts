import { scansRoutes } from '../../../../contract/routes/scans'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { readPage } from '../../../services/scans/scans'
import { scanPages } from '../../../workers/documents'

export default route(scansRoutes.read, async ({ actor, event }) => readPage(actor, idInPath(event), scanPages))
