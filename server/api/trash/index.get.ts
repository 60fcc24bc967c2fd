import { trashRoutes } from '../../../contract/routes/trash'
import { route } from '../../routing/route'
import { listTrash } from '../../services/trash/listTrash'

export default route(trashRoutes.list, async ({ actor }) => ({ items: await listTrash(actor) }))
