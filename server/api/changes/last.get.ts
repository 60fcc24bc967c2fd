import { changesRoutes } from '../../../contract/routes/changes'
import { route } from '../../routing/route'
import { readLastActs } from '../../services/changes/history'

export default route(changesRoutes.lastActs, async ({ actor }) => readLastActs(actor))
