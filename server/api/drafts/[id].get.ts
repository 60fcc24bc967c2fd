import { draftsRoutes } from '../../../contract/routes/drafts'
import { idInPath } from '../../http/parse'
import { route } from '../../routing/route'
import { readDraft } from '../../services/drafts/drafts'

export default route(draftsRoutes.read, async ({ actor, event }) => readDraft(actor, idInPath(event)))
