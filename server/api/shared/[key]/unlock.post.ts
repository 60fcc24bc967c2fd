import { sharedRoutes } from '../../../../contract/routes/shared'
import { keepUnlocked } from '../../../http/actor'
import { originOf } from '../../../http/origin'
import { keyInPath } from '../../../http/parse'
import { route } from '../../../routing/route'
import { unlockLink } from '../../../services/shared/unlockLink'

export default route(sharedRoutes.unlock, async ({ body: { passphrase }, event }) => {
  const key = keyInPath(event)
  keepUnlocked(event, key, await unlockLink(key, passphrase, originOf(event).address, new Date()))
  return {}
})
