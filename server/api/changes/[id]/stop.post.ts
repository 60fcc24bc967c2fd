import { changesRoutes } from '../../../../contract/routes/changes'
import { idInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { stopAct } from '../../../services/changes/longAct'

export default route(changesRoutes.stop, async ({ actor, event }) => {
  await stopAct(actor, idInPath(event))
  return null
})
