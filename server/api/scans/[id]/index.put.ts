import { scansRoutes } from '../../../../contract/routes/scans'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { editPage } from '../../../services/scans/scans'

export default route(scansRoutes.edit, async ({ actor, body, event }) => {
  await editPage(actor, idInPath(event), body.edits)
  return {}
})
