import { draftsRoutes } from '../../../contract/routes/drafts'
import { idInPath } from '../../http/parse'
import { route } from '../../routing/route'
import { keepDraft } from '../../services/drafts/drafts'

export default route(draftsRoutes.save, async ({ actor, body, event }) => {
  await keepDraft(actor, { id: idInPath(event), ...body }, new Date())
  return {}
})
