import { bundlesRoutes } from '../../../contract/routes/bundles'
import { route } from '../../routing/route'
import { listBundles } from '../../services/bundles/bundles'

export default route(bundlesRoutes.list, async ({ actor }) => ({ bundles: await listBundles(actor) }))
