import { draftsRoutes } from '../../../contract/routes/drafts'
import { route } from '../../routing/route'
import { listDrafts } from '../../services/drafts/drafts'

export default route(draftsRoutes.list, async ({ actor }) => ({ drafts: await listDrafts(actor) }))
