import { planRoutes } from '../../../contract/routes/plan'
import { route } from '../../routing/route'
import { readFolderFacts } from '../../services/plan/readFolderFacts'

export default route(planRoutes.folderFacts, async ({ actor }) => ({ folders: await readFolderFacts(actor) }))
