import { accountRoutes } from '../../../contract/routes/account'
import { tokenOf } from '../../http/actor'
import { route } from '../../routing/route'
import { demoPeople, whoIs } from '../../services/account/session'

export default route(accountRoutes.readSession, async ({ event }) => {
  const token = tokenOf(event)
  const actor = token === null ? null : await whoIs(token)
  return {
    account: actor ? { email: actor.email, name: actor.name ?? '', isGuest: actor.isGuest === true } : null,
    demo: await demoPeople(),
  }
})
