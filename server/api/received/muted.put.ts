import { sharedRoutes } from '../../../contract/routes/shared'
import { route } from '../../routing/route'
import { muteGiver } from '../../services/access/mute'

export default route(sharedRoutes.mute, async ({ actor, body: { giverId, on } }) => {
  await muteGiver(actor, giverId, on)
  return {}
})
