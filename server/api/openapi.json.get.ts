import { openApi } from '../../contract/openapi'
import { serverRoutes } from '../../contract/routes/server'
import { route } from '../routing/route'

export default route(serverRoutes.openApi, () => openApi())
