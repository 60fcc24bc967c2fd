import { draftsRoutes } from '../../../contract/routes/drafts'
import { idInPath } from '../../http/parse'
import { route } from '../../routing/route'
import { discardDraft } from '../../services/drafts/drafts'

export default route(draftsRoutes.discard, async ({ actor, event }) => {
  await discardDraft(actor, idInPath(event))
  return {}
})
