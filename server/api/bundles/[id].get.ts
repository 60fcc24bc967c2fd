import { bundlesRoutes } from '../../../contract/routes/bundles'
import { idInPath } from '../../http/parse'
import { route } from '../../routing/route'
import { readBundle } from '../../services/bundles/bundles'

export default route(bundlesRoutes.read, async ({ actor, event }) => readBundle(actor, idInPath(event)))
