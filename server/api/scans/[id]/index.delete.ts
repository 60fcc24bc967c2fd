import { scansRoutes } from '../../../../contract/routes/scans'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { dropPage } from '../../../services/scans/scans'

export default route(scansRoutes.drop, async ({ actor, event }) => {
  await dropPage(actor, idInPath(event))
  return {}
})
