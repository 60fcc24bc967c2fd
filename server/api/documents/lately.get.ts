import { documentsRoutes } from '../../../contract/routes/documents'
import { route } from '../../routing/route'
import { listLately } from '../../services/documents/lately'

export default route(documentsRoutes.lately, async ({ actor }) => listLately(actor))
