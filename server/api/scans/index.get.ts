import { scansRoutes } from '../../../contract/routes/scans'
import { route } from '../../routing/route'
import { listScans } from '../../services/scans/scans'

export default route(scansRoutes.list, async ({ actor }) => ({ pages: await listScans(actor) }))
