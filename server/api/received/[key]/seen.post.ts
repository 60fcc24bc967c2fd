import { sharedRoutes } from '../../../../contract/routes/shared'
import { openScope } from '../../../routing/openScope'
import { route } from '../../../routing/route'

export default route(sharedRoutes.seen, async ({ event }) => {
  await (await openScope(event)).noteUse(new Date())
  return {}
})
